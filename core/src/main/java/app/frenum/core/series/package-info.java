/**
 * Stops as they were driven in a test, by logger or by hand, and the groups of them that may be read together. Every mean,
 * comparison, fade and heat study begins here: {@link app.frenum.core.series.LikeStops}.
 */
package app.frenum.core.series;
