package app.frenum.server.run;

import app.frenum.core.people.Who;
import app.frenum.core.procedure.run.Happening;

/**
 * One line of a run's history.
 *
 * @param clockAheadS by how much the clock of the device that sent it was ahead of what was taken for the time; 0 when the
 *     two agreed
 */
record Happened(int seq, double atS, double clockAheadS, Who by, Happening what) {}
