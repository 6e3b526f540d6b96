package app.frenum.server.recording;

/** The coarse part of a block, without its samples. */
record EnvelopeRow(int channel, int block, int rows, byte[] envelope, Double lowest, Double highest) {}
