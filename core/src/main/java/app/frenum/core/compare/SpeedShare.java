package app.frenum.core.compare;

import app.frenum.core.log.SpeedSource;
import app.frenum.core.quantity.Figure;

/**
 * What the speed source of a logged stop adds to its distance.
 *
 * @param source what measured speed
 * @param uncertainty standard uncertainty (k = 1) that every stop by this source shares, m: scale, slip, latency
 */
public record SpeedShare(SpeedSource source, Figure uncertainty) {}
