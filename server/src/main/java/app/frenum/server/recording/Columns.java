package app.frenum.server.recording;

import java.util.Arrays;

/** Rows that wait to become a block: one array per column, the times first. */
final class Columns {
    private double[][] columns;
    private int rows;

    Columns(int count) {
        columns = new double[count][1024];
    }

    int rows() {
        return rows;
    }

    int count() {
        return columns.length;
    }

    /** The time of the last row; minus infinity when there is none. */
    double lastTime() {
        return rows == 0 ? Double.NEGATIVE_INFINITY : columns[0][rows - 1];
    }

    /** Adds the rows of others from one on. */
    void add(double[][] others, int from) {
        int more = others[0].length - from;
        for (int c = 0; c < columns.length; c++) {
            if (rows + more > columns[c].length) {
                columns[c] = Arrays.copyOf(columns[c], Math.max(2 * columns[c].length, rows + more));
            }
            System.arraycopy(others[c], from, columns[c], rows, more);
        }
        rows += more;
    }

    /** The first n rows of a column. */
    double[] first(int column, int n) {
        return Arrays.copyOf(columns[column], n);
    }

    /** Lets the first n rows go. */
    void drop(int n) {
        for (double[] column : columns) {
            System.arraycopy(column, n, column, 0, rows - n);
        }
        rows -= n;
    }
}
