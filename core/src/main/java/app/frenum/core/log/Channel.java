package app.frenum.core.log;

import app.frenum.core.quantity.Unit;

/**
 * One column of a log.
 *
 * @param name as the logger wrote it, without its unit
 * @param role what Frenum takes it for
 * @param unit the unit its samples are stored in, which is the one they were logged in
 */
public record Channel(String name, Role role, Unit unit) {
    public Channel as(Role newRole) {
        return new Channel(name, newRole, unit);
    }
}
