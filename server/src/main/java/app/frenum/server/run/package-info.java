/**
 * Runs in progress: takes events, keeps them, and tells everybody who watches. The rules are the core's. Start at
 * {@link app.frenum.server.run.RunService}.
 */
package app.frenum.server.run;
