package app.frenum.core.procedure;

import app.frenum.core.quantity.Figure;

/**
 * What of a stop may be held against a limit.
 *
 * @param phase it was driven in; empty where nobody said
 * @param mfdd m/s²
 * @param distanceM at the nominal speed
 * @param share of the reference stops' strength; 1 is as strong
 */
public record LimitedStop(String phase, Figure mfdd, Figure distanceM, Figure share) {}
