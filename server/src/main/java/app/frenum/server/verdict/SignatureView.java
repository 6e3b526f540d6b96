package app.frenum.server.verdict;

import org.jspecify.annotations.Nullable;

/**
 * How a signed verdict is held against changes.
 *
 * @param fingerprint of the key that signed it, in groups of four; null where it has a checksum only
 * @param own whether it is a key of this Frenum
 * @param unaltered whether signature or checksum are of this verdict
 */
record SignatureView(@Nullable String fingerprint, boolean own, boolean unaltered) {}
