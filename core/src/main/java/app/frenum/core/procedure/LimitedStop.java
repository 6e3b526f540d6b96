package app.frenum.core.procedure;

import app.frenum.core.quantity.Figure;

/**
 * What of a stop may be held against a limit.
 *
 * @param phase it was driven in; empty where none was recorded
 * @param mfdd m/s²
 * @param distanceM at the nominal speed
 * @param share of the baseline stops' effect; 1 is as strong
 * @param frontBias front share of line pressure, 0 to 1
 */
public record LimitedStop(String phase, Figure mfdd, Figure distanceM, Figure share, Figure frontBias) {}
