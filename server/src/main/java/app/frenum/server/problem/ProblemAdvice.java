package app.frenum.server.problem;

import app.frenum.formats.BadInput;
import jakarta.validation.ConstraintViolationException;
import java.io.IOException;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.apache.catalina.connector.ClientAbortException;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.core.NestedExceptionUtils;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.http.converter.HttpMessageNotWritableException;
import org.springframework.web.ErrorResponse;
import org.springframework.web.bind.MethodArgumentNotValidException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.async.AsyncRequestNotUsableException;
import org.springframework.web.context.request.async.AsyncRequestTimeoutException;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import tools.jackson.core.JacksonException;

/** Turns whatever goes wrong into a problem detail; faults of Frenum's own say no more than that they are. */
@RestControllerAdvice
final class ProblemAdvice {
    private static final Logger LOG = LoggerFactory.getLogger(ProblemAdvice.class);

    @ExceptionHandler
    ProblemDetail known(Problem e) {
        ProblemDetail problem = detail(e.status(), e.title(), e.getMessage());
        if (!e.field().isEmpty()) {
            problem.setProperty("field", e.field());
        }
        if (!e.fields().isEmpty()) {
            problem.setProperty("fields", e.fields());
        }
        return problem;
    }

    @ExceptionHandler
    ProblemDetail file(BadInput e) {
        ProblemDetail problem = detail(HttpStatus.UNPROCESSABLE_CONTENT, "The file cannot be read", e.getMessage());
        e.line().ifPresent(line -> problem.setProperty("line", line));
        e.column().ifPresent(column -> problem.setProperty("column", column));
        return problem;
    }

    @ExceptionHandler
    ProblemDetail invalid(MethodArgumentNotValidException e) {
        Map<String, String> fields = new TreeMap<>();
        e.getFieldErrors().forEach(f -> fields.put(f.getField(), String.valueOf(f.getDefaultMessage())));
        ProblemDetail problem = detail(
                HttpStatus.UNPROCESSABLE_CONTENT,
                "Cannot be taken as it is",
                String.join(
                        "; ",
                        fields.entrySet().stream()
                                .map(f -> f.getKey() + " " + f.getValue())
                                .toList()));
        problem.setProperty("fields", fields);
        return problem;
    }

    @ExceptionHandler
    ProblemDetail invalid(ConstraintViolationException e) {
        return detail(HttpStatus.UNPROCESSABLE_CONTENT, "Cannot be taken as it is", e.getMessage());
    }

    @ExceptionHandler
    ProblemDetail unreadable(HttpMessageNotReadableException e) {
        String place = e.getMostSpecificCause() instanceof JacksonException j ? place(j) : "";
        return detail(
                HttpStatus.BAD_REQUEST,
                "The request cannot be read",
                "Its body is not the JSON that is asked for here%s."
                        .formatted(place.isEmpty() ? "" : ": look at \"%s\"".formatted(place)));
    }

    /** Such as {@code plan.limits[2].value}. */
    private static String place(JacksonException e) {
        return e.getPath().stream()
                .map(at -> at.getPropertyName() == null ? "[%d]".formatted(at.getIndex()) : "." + at.getPropertyName())
                .collect(Collectors.joining())
                .replaceFirst("^\\.", "");
    }

    @ExceptionHandler
    ProblemDetail late(OptimisticLockingFailureException e) {
        return known(Problem.conflict("It was changed in the meantime. Load it again and repeat the change."));
    }

    /** Nobody waits for the answer. */
    @ExceptionHandler
    void gone(Abandoned e) {
        LOG.debug("the sender left", e);
    }

    /** The message of the whole would name every value that was sent, pictures included. */
    @ExceptionHandler
    ProblemDetail refused(DataIntegrityViolationException e) {
        LOG.warn("refused by the database: {}", e.getMostSpecificCause().getMessage());
        return DatabaseTrouble.of(e).map(this::known).orElseGet(() -> known(DatabaseTrouble.unfit()));
    }

    @ExceptionHandler
    ProblemDetail full(IOException e) throws Exception {
        if (String.valueOf(e.getMessage()).contains("No space left")) {
            LOG.error("the disk is full", e);
            return known(Problem.diskFull());
        }
        return anything(e);
    }

    /** Whoever asked has gone; there is nobody left to tell. */
    @ExceptionHandler({ClientAbortException.class, AsyncRequestNotUsableException.class})
    void gone(IOException e) {
        LOG.debug("the client left", e);
    }

    /** A stream was open for as long as one is; its watcher comes back by itself. */
    @ExceptionHandler
    void over(AsyncRequestTimeoutException e) {
        LOG.debug("a stream is over", e);
    }

    @ExceptionHandler
    @Nullable
    ProblemDetail unwritten(HttpMessageNotWritableException e) throws Exception {
        if (e.getMostSpecificCause() instanceof IOException left) {
            gone(left);
            return null;
        }
        return anything(e);
    }

    @ExceptionHandler
    ProblemDetail anything(Exception e) throws Exception {
        if (e instanceof ErrorResponse known) {
            return known.getBody();
        }
        if (e instanceof MethodArgumentTypeMismatchException wrong) {
            return detail(
                    HttpStatus.BAD_REQUEST,
                    "The request cannot be read",
                    "\"" + wrong.getName() + "\" is not in the form asked for.");
        }
        Optional<Problem> trouble = DatabaseTrouble.of(e);
        if (trouble.isPresent()) {
            LOG.warn(
                    "the database: {}",
                    NestedExceptionUtils.getMostSpecificCause(e).getMessage());
            return known(trouble.get());
        }
        LOG.error("a fault of Frenum's own", e);
        return detail(
                HttpStatus.INTERNAL_SERVER_ERROR,
                "A fault of Frenum's own",
                "Nothing was stored. The log of the server says more.");
    }

    private static ProblemDetail detail(HttpStatus status, String title, @Nullable String detail) {
        ProblemDetail problem = ProblemDetail.forStatusAndDetail(status, detail);
        problem.setTitle(title);
        return problem;
    }
}
