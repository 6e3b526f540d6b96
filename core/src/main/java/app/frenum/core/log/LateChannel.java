package app.frenum.core.log;

/**
 * A channel whose clock disagrees with the others by more than brakes can explain. It does not date an onset.
 *
 * @param role pressure, switch or accelerometer
 * @param seconds how late it is, s; below 0 it is early
 */
public record LateChannel(Role role, double seconds) {}
