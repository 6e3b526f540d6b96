package app.frenum.server.plan;

import java.util.Set;
import java.util.UUID;

/** Tells which tests were only rehearsed: nothing is learnt from them, and lists have them apart. The runs answer. */
public interface Rehearsals {
    Set<UUID> rehearsed();
}
