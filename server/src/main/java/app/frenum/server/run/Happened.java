package app.frenum.server.run;

import app.frenum.core.procedure.run.Happening;

/** One line of a run's history. */
record Happened(int seq, double atS, String by, Happening what) {}
