/**
 * A seeded, deterministic car on a lane, with sensors. Start at {@link app.frenum.core.simulate.TestDrive}.
 */
package app.frenum.core.simulate;
