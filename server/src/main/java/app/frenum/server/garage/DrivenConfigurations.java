package app.frenum.server.garage;

import java.util.Set;
import java.util.UUID;

/** Tells which configurations stops hang on. The garage asks; whoever keeps the stops answers. */
public interface DrivenConfigurations {
    Set<UUID> driven();
}
