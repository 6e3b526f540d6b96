package app.frenum.server.account;

import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * Somebody has another password, and whoever came in by the one before is out.
 *
 * @param at the screen that they changed it at themselves, where they stay; null where an owner did
 */
public record PasswordChanged(UUID account, @Nullable UUID at) {}
