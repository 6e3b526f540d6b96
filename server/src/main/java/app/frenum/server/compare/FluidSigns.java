package app.frenum.server.compare;

import java.util.List;
import java.util.UUID;

/** Tells which configurations of a test showed vapour in their fluid. The list of tests asks; the study of fade answers. */
public interface FluidSigns {
    List<String> of(UUID testId);
}
