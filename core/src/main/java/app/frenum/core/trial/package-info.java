/**
 * What is done with a configuration beside stops: laps of a circuit, a look at the air of a parked vehicle, a visit to a
 * roller tester. Each is guessed before and told after. Start at {@link app.frenum.core.trial.TrialResult}.
 */
package app.frenum.core.trial;
