package app.frenum.core.procedure.run;

import java.util.UUID;

/**
 * Something that happened, when, and who said so.
 *
 * @param id made by whoever sends it; the same id is the same happening
 * @param atS when, in seconds of a clock that all devices of a run share
 * @param by name of the operator
 * @param what happened
 */
public record RunEvent(UUID id, double atS, String by, Happening what) {}
