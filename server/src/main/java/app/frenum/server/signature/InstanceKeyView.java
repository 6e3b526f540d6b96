package app.frenum.server.signature;

import app.frenum.formats.signature.VerifyingKey;
import org.jspecify.annotations.Nullable;

/** A key of this Frenum, its public half; {@code until} is null while it signs. */
record InstanceKeyView(
        VerifyingKey key, String since, @Nullable String until) {}
