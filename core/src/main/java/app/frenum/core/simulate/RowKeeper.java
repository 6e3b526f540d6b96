package app.frenum.core.simulate;

import app.frenum.core.log.MemoryLog;
import java.util.ArrayList;
import java.util.List;

/** Keeps the rows that are recorded, as a log in memory. */
public final class RowKeeper implements TestDrive.Recorder {
    private final List<Double> clock = new ArrayList<>();
    private final List<double[]> rows = new ArrayList<>();

    @Override
    public void row(double timeS, double[] values) {
        clock.add(timeS);
        rows.add(values.clone());
    }

    /** What was recorded so far. */
    public MemoryLog log() {
        double[][] columns = new double[TestDrive.channels().size()][rows.size()];
        for (int r = 0; r < rows.size(); r++) {
            for (int c = 0; c < columns.length; c++) {
                columns[c][r] = rows.get(r)[c];
            }
        }
        return new MemoryLog(
                TestDrive.channels(),
                clock.stream().mapToDouble(Double::doubleValue).toArray(),
                columns);
    }
}
