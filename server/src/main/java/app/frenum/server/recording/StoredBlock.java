package app.frenum.server.recording;

import app.frenum.core.log.SampleBlock;

/** A block as it is read: no entity, because thousands of them are read at once and none is ever changed. */
record StoredBlock(
        int channel, int firstRow, int rowCount, byte[] packed, byte[] envelope, Double lowest, Double highest) {
    SampleBlock block() {
        double low = lowest == null ? Double.NaN : lowest;
        double high = highest == null ? Double.NaN : highest;
        return new SampleBlock(firstRow, rowCount, packed, envelope, low, high);
    }
}
