package app.frenum.server.problem;

import org.springframework.http.HttpStatus;

/** Something a person can mend, with the status it is answered with. */
public final class Problem extends RuntimeException {
    private static final long serialVersionUID = 1L;

    private final HttpStatus status;
    private final String title;
    private final String field;

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

    public static Problem tooLarge(String detail) {
        return new Problem(HttpStatus.CONTENT_TOO_LARGE, "The file is too large", detail, "");
    }

    public static Problem conflict(String detail) {
        return new Problem(HttpStatus.CONFLICT, "Somebody was quicker", detail, "");
    }

    HttpStatus status() {
        return status;
    }

    String title() {
        return title;
    }

    String field() {
        return field;
    }
}
