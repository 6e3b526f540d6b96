package app.frenum.server.intake;

/** How many files, and how many bytes of them, may wait to be saved. */
record StagingLimit(int files, long bytes) {
    Count count() {
        return new Count();
    }

    /** Counts files against the limit. */
    final class Count {
        private int filesSoFar;
        private long bytesSoFar;

        private Count() {}

        /** Whether one more file fits; if so it is counted. */
        boolean fits(long more) {
            boolean fits = filesSoFar < files && bytesSoFar + more <= bytes;
            if (fits) {
                filesSoFar++;
                bytesSoFar += more;
            }
            return fits;
        }
    }
}
