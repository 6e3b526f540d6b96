package app.frenum.cli;

import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Path;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** One run of the command line, with what it printed. */
record CliRun(int exit, String out, String err) {
    static CliRun of(String... args) {
        StringWriter out = new StringWriter();
        StringWriter err = new StringWriter();
        int exit = FrenumCli.run(new PrintWriter(out), new PrintWriter(err, true), args);
        return new CliRun(exit, out.toString(), err.toString());
    }

    JsonNode json() {
        return new JsonMapper().readTree(out);
    }

    static Path example(String name) {
        return Path.of("src/test/resources/examples", name);
    }

    static JsonNode exampleJson(String name) {
        return new JsonMapper().readTree(example(name).toFile());
    }
}
