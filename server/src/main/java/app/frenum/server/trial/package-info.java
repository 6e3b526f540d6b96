/** What is done with a configuration beside stops, guessed before and told after. Start at {@link app.frenum.server.trial.TrialService}. */
package app.frenum.server.trial;
