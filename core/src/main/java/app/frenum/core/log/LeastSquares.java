package app.frenum.core.log;

/**
 * Linear least squares with a handful of columns, by the normal equations: fast enough to be tried at hundreds of places
 * of one stop.
 *
 * @param coefficients one per column
 * @param residualSquares what is left, sum of squares; infinite where the columns do not determine a fit
 */
public record LeastSquares(double[] coefficients, double residualSquares) {

    /**
     * @param x per observation its row of columns
     * @param y per observation what was seen
     */
    public static LeastSquares of(double[][] x, double[] y) {
        int k = x[0].length;
        double[][] a = new double[k][k + 1];
        for (int i = 0; i < y.length; i++) {
            for (int r = 0; r < k; r++) {
                for (int c = r; c < k; c++) {
                    a[r][c] += x[i][r] * x[i][c];
                }
                a[r][k] += x[i][r] * y[i];
            }
        }
        for (int r = 0; r < k; r++) {
            for (int c = 0; c < r; c++) {
                a[r][c] = a[c][r];
            }
        }
        double[] b = solve(a);
        if (b.length == 0) {
            return new LeastSquares(b, Double.POSITIVE_INFINITY);
        }
        double left = 0;
        for (int i = 0; i < y.length; i++) {
            double e = y[i];
            for (int r = 0; r < k; r++) {
                e -= b[r] * x[i][r];
            }
            left += e * e;
        }
        return new LeastSquares(b, left);
    }

    /** Gauss elimination with pivots, in place; empty where the matrix is singular. */
    private static double[] solve(double[][] a) {
        int k = a.length;
        for (int p = 0; p < k; p++) {
            int pivot = p;
            for (int r = p + 1; r < k; r++) {
                pivot = Math.abs(a[r][p]) > Math.abs(a[pivot][p]) ? r : pivot;
            }
            double[] swap = a[p];
            a[p] = a[pivot];
            a[pivot] = swap;
            if (Math.abs(a[p][p]) < 1e-12) {
                return new double[0];
            }
            for (int r = 0; r < k; r++) {
                double share = r == p ? 0 : a[r][p] / a[p][p];
                for (int c = p; c <= k && share != 0; c++) {
                    a[r][c] -= share * a[p][c];
                }
            }
        }
        double[] b = new double[k];
        for (int r = 0; r < k; r++) {
            b[r] = a[r][k] / a[r][r];
        }
        return b;
    }
}
