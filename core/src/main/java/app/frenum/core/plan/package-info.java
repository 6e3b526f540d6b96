/**
 * Whether a test can answer its question: how many stops it needs, in what order, on how much lane, in how much time,
 * and how hot it gets. Start at {@link app.frenum.core.plan.DayClock}, {@link app.frenum.core.plan.LaneCheck} and
 * {@link app.frenum.core.plan.RunOrder}.
 */
package app.frenum.core.plan;
