package app.frenum.server.account;

import app.frenum.server.who.Role;
import java.util.UUID;

/**
 * Somebody who can sign in.
 *
 * @param closed whether they no longer may
 * @param withPassword whether they have one; who has none comes in by a code, or in the demo by one press
 */
public record AccountView(UUID id, String name, Role role, boolean closed, boolean withPassword) {}
