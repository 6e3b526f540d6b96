package app.frenum.cli;

import app.frenum.core.compare.Comparison;
import app.frenum.core.compare.Conclusion;
import app.frenum.core.finding.UnitSystem;
import app.frenum.formats.BadInput;
import app.frenum.formats.bundle.BundleFile;
import app.frenum.formats.verdict.FrozenVerdict;
import app.frenum.formats.verdict.VerdictFile;
import app.frenum.formats.words.Wording;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.PrintWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** {@code frenum verify}: whether a signed verdict is what was signed, and whether it follows from its stops. */
@Command(
        name = "verify",
        mixinStandardHelpOptions = true,
        description = "Says whether a signed verdict is as it was signed, and works it out again from its stops.")
final class VerifyCommand implements Callable<Integer> {
    private static final Wording WORDS = Wording.in(UnitSystem.METRIC);

    @Spec
    private CommandSpec spec;

    @Parameters(paramLabel = "FILE", description = "a signed verdict or a bundle with some, as Frenum exports them")
    private Path file;

    @Override
    public Integer call() throws Exception {
        Inputs.requireReadable(file);
        byte[] content = Files.readAllBytes(file);
        Optional<List<String>> bundled = BundleFile.verdicts(content);
        if (bundled.isEmpty()) {
            return verified(content) ? FrenumCli.DONE : FrenumCli.BAD_INPUT;
        }
        PrintWriter out = spec.commandLine().getOut();
        out.println("A bundle with %d signed verdicts.".formatted(bundled.get().size()));
        boolean all = true;
        for (String one : bundled.get()) {
            out.println();
            all &= verified(one.getBytes(StandardCharsets.UTF_8));
        }
        out.flush();
        return all ? FrenumCli.DONE : FrenumCli.BAD_INPUT;
    }

    private boolean verified(byte[] verdict) throws BadInput, IOException {
        VerdictFile.Verified found = VerdictFile.read(new ByteArrayInputStream(verdict));
        print(spec.commandLine().getOut(), found);
        return found.isAsSigned() && found.comesToTheSame();
    }

    private static void print(PrintWriter out, VerdictFile.Verified found) {
        FrozenVerdict v = found.verdict();
        Comparison again = v.again();
        Conclusion conclusion = Conclusion.of(
                again,
                again.baseline(),
                again.candidate(),
                v.sides().get(0).thawed(),
                v.sides().get(v.candidate()).thawed());
        out.println(v.question() + " (" + v.vehicle() + ")");
        out.println("Signed by %s, %s; looked at in %d ways, %d of them say the same."
                .formatted(v.signedBy(), v.signedAt(), v.ways(), v.agreeing()));
        out.println(
                found.isAsSigned()
                        ? "Checksum matches: " + found.checksum()
                                + ". It shows changes by accident; it is not a signature."
                        // What would make a changed file right is not printed.
                        : "CHECKSUM DOES NOT MATCH: the file was changed after it was signed.");
        out.println(
                found.comesToTheSame()
                        ? "Worked out again from its stops it comes to the same:"
                        : "WORKED OUT AGAIN FROM ITS STOPS IT DOES NOT COME TO THE SAME:");
        out.println("  " + WORDS.text(conclusion.sentence()));
        out.flush();
    }
}
