package app.frenum.server.compare;

import java.util.Set;
import java.util.UUID;

/** Tells which tests were only rehearsed. The list of tests asks; the runs answer. */
public interface Rehearsals {
    Set<UUID> rehearsed();
}
