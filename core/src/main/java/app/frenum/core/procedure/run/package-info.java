/**
 * A run in progress as a value: what is to be done, what happened, and what that makes of it. Every happening is kept, so
 * that a run can be rebuilt from them, on another machine too. Start at
 * {@link app.frenum.core.procedure.run.RunState}.
 */
package app.frenum.core.procedure.run;
