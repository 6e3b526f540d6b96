package app.frenum.server.sheet;

import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;

/** What lay on somebody's clipboard. */
record PasteRequest(@NotNull @Size(max = 1_000_001) String text) {}
