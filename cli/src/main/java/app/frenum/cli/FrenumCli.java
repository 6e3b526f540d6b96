package app.frenum.cli;

import app.frenum.formats.BadInput;
import java.io.PrintStream;
import java.io.PrintWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.Objects;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import tools.jackson.databind.ObjectMapper;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

/** Measures and compares from the command line. Exit 0 done, 2 bad input, 1 a fault of Frenum's own. */
@Command(
        name = "frenum",
        mixinStandardHelpOptions = true,
        description = "Reads logs and stop sheets of brake tests on a closed course.",
        subcommands = {AnalyseCommand.class, CompareCommand.class, VerifyCommand.class})
public final class FrenumCli {
    static final int DONE = 0;
    static final int OWN_FAULT = 1;
    static final int BAD_INPUT = 2;
    static final int UNKNOWN_KEY = 3;
    static final int UNSIGNED = 4;

    private FrenumCli() {}

    public static void main(String[] args) {
        System.exit(run(writer(System.out), writer(System.err), args));
    }

    private static PrintWriter writer(PrintStream to) {
        return new PrintWriter(to, true, StandardCharsets.UTF_8);
    }

    /** Runs one command with the given streams. */
    static int run(PrintWriter out, PrintWriter err, String... args) {
        return new CommandLine(new FrenumCli())
                .setOut(out)
                .setErr(err)
                .setCaseInsensitiveEnumValuesAllowed(true)
                .setExecutionExceptionHandler((e, line, parsed) -> {
                    boolean theirs = e instanceof BadInput || e instanceof BadRequest;
                    err.println(theirs ? "frenum: " + e.getMessage() : "frenum: a fault of Frenum's own: " + e);
                    return theirs ? BAD_INPUT : OWN_FAULT;
                })
                .execute(args);
    }

    /** Frenum's home, where its own keys and those it remembers are. */
    static Path home() {
        return Path.of(Objects.requireNonNullElse(System.getenv("FRENUM_HOME"), ".frenum"));
    }

    /** On Java 17 there is a console only when neither end is redirected. */
    @SuppressWarnings("SystemConsoleNull")
    static boolean isTerminal() {
        return System.console() != null;
    }

    static String json(Object value) {
        ObjectMapper mapper =
                JsonMapper.builder().enable(SerializationFeature.INDENT_OUTPUT).build();
        return mapper.writeValueAsString(value);
    }

    /** A request that cannot be carried out as it was put. */
    static final class BadRequest extends Exception {
        private static final long serialVersionUID = 1L;

        BadRequest(String message) {
            super(message);
        }
    }
}
