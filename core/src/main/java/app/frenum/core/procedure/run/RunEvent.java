package app.frenum.core.procedure.run;

import app.frenum.core.people.Who;
import java.util.UUID;

/**
 * Something that happened, when, and who said so.
 *
 * @param id made by whoever sends it; the same id is the same happening
 * @param atS when, in seconds of a clock that all devices of a run share
 * @param by who said so
 * @param what happened
 */
public record RunEvent(UUID id, double atS, Who by, Happening what) {}
