package app.frenum.server.plan;

import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;

/** What somebody expects of a test, before its first stop. */
public record ExpectationRequest(@NotBlank @Size(max = 300) String expectation) {}
