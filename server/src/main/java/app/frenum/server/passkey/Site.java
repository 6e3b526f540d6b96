package app.frenum.server.passkey;

import app.frenum.server.problem.Problem;
import jakarta.servlet.http.HttpServletRequest;
import java.util.regex.Pattern;

/**
 * Under which name a browser has Frenum open. The name was held against Frenum's own before; browsers keep passkeys for names,
 * and none for bare numbers.
 *
 * @param name without its port
 * @param origin as browsers sign it
 */
public record Site(String name, String origin) {
    private static final Pattern NUMBER = Pattern.compile("[\\d.]+|\\[.*]");

    /** @throws Problem where it is a number */
    public static Site of(HttpServletRequest request) {
        String host = request.getHeader("Host");
        String name = host.replaceFirst(":\\d+$", "");
        if (NUMBER.matcher(name).matches()) {
            throw Problem.outOfTurn(
                    "Browsers keep passkeys for names, not for numbers such as %s. Open Frenum by its name; People says which."
                            .formatted(name));
        }
        return new Site(name, "%s://%s".formatted(request.getScheme(), host));
    }
}
