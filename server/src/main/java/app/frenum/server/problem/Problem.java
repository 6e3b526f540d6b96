package app.frenum.server.problem;

import app.frenum.core.quantity.FieldProblem;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.springframework.http.HttpStatus;

/** Something a person can mend, with the status it is answered with. */
public final class Problem extends RuntimeException {
    private static final long serialVersionUID = 1L;

    private final HttpStatus status;
    private final String title;
    private final String field;
    private final TreeMap<String, String> fields = new TreeMap<>();

    private Problem(HttpStatus status, String title, String detail, String field) {
        super(detail);
        this.status = status;
        this.title = title;
        this.field = field;
    }

    public static Problem notFound(String what) {
        return new Problem(
                HttpStatus.NOT_FOUND, "Not found", what + " is not here. It may belong to another database.", "");
    }

    public static Problem invalid(String field, String detail) {
        return new Problem(HttpStatus.UNPROCESSABLE_CONTENT, "Cannot be taken as it is", detail, field);
    }

    /** Several fields at once, each with what was read and what is possible. */
    public static Problem invalid(List<FieldProblem> problems) {
        Problem problem = new Problem(
                HttpStatus.UNPROCESSABLE_CONTENT,
                "Cannot be taken as it is",
                problems.stream().map(FieldProblem::message).collect(Collectors.joining(" ")),
                "");
        problems.forEach(p -> problem.fields.putIfAbsent(p.field(), p.message()));
        return problem;
    }

    public static Problem tooLarge(String detail) {
        return new Problem(HttpStatus.CONTENT_TOO_LARGE, "The file is too large", detail, "");
    }

    public static Problem conflict(String detail) {
        return new Problem(HttpStatus.CONFLICT, "Somebody was quicker", detail, "");
    }

    /** Two changes of the same; the second was made on what is no longer there. */
    public static Problem changedMeanwhile() {
        return conflict("It was changed in the meantime. Load it again and repeat the change.");
    }

    /** Nobody is signed in who may be asked for. */
    public static Problem signIn(String detail) {
        return new Problem(HttpStatus.UNAUTHORIZED, "Sign in", detail, "");
    }

    /** The screen says that somebody holds it who is not signed in at it. */
    public static Problem signInHere(String name) {
        return new Problem(
                HttpStatus.FORBIDDEN,
                "Not signed in here",
                "%s is not signed in on this screen. Sign in here, or say who holds it.".formatted(name),
                "who");
    }

    /** @param role by its constant's name */
    public static Problem notYours(String name, String role) {
        return new Problem(
                HttpStatus.FORBIDDEN,
                "Not yours to do",
                "%s is here as %s, and that is not for a %s to do. Ask an owner or an engineer."
                        .formatted(name, role.toLowerCase(Locale.ROOT), role.toLowerCase(Locale.ROOT)),
                "who");
    }

    /** Asked too often; later it may be asked again. */
    public static Problem tooOften(String detail) {
        return new Problem(HttpStatus.TOO_MANY_REQUESTS, "Wait a moment", detail, "");
    }

    /** It cannot be done as things stand; the detail says what can. */
    public static Problem outOfTurn(String detail) {
        return new Problem(HttpStatus.CONFLICT, "Not now", detail, "");
    }

    /** Frenum has no time for it now; asked again in a moment, it has. */
    public static Problem busy(String detail) {
        return new Problem(HttpStatus.SERVICE_UNAVAILABLE, "Busy", detail, "");
    }

    /** It was here and is no more. */
    public static Problem letGo(String detail) {
        return new Problem(HttpStatus.GONE, "Let go", detail, "");
    }

    public static Problem diskFull() {
        return new Problem(
                HttpStatus.INSUFFICIENT_STORAGE,
                "The disk is full",
                "Nothing of this was kept. Make room on the disk that Frenum's home is on, and send it again.",
                "");
    }

    HttpStatus status() {
        return status;
    }

    String title() {
        return title;
    }

    Map<String, String> fields() {
        return fields;
    }

    String field() {
        return field;
    }
}
