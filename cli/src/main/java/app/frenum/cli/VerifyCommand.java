package app.frenum.cli;

import app.frenum.core.compare.Conclusion;
import app.frenum.core.finding.UnitSystem;
import app.frenum.formats.BadInput;
import app.frenum.formats.bundle.BundleFile;
import app.frenum.formats.signature.VerifyingKey;
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
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.Callable;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** {@code frenum verify}: who signed a verdict, whether it was changed since, and whether it follows from its stops. */
@Command(
        name = "verify",
        mixinStandardHelpOptions = true,
        description = "Verifies the signature of a verdict, and works its figures out again from its stops.",
        exitCodeListHeading = "%nExit codes:%n",
        exitCodeList = {
            "0:valid signature by a known key, figures reproduced",
            "1:internal error",
            "2:altered, not reproduced, or not a signed verdict",
            "3:valid signature by a key this computer does not know",
            "4:unsigned (checksum only)"
        })
final class VerifyCommand implements Callable<Integer> {
    private static final Wording WORDS = Wording.in(UnitSystem.METRIC);

    @Spec
    private CommandSpec spec;

    @Parameters(paramLabel = "FILE", description = "a signed verdict, or a bundle containing some")
    private Path file;

    @Option(names = "--key", paramLabel = "FINGERPRINT", description = "trust this key only")
    private @Nullable String fingerprint;

    @Option(
            names = "--keys",
            paramLabel = "FOLDER",
            description =
                    "trust the public keys (JWK) in this folder only; by default this Frenum's own and those remembered")
    private @Nullable Path keys;

    @Option(names = "--remember", paramLabel = "NAME", description = "remember the file's key under this name")
    private @Nullable String remember;

    /** From good to bad; a bundle is as good as the worst in it. */
    private enum Outcome {
        TRUSTED(FrenumCli.DONE),
        CHECKSUM_ONLY(FrenumCli.UNSIGNED),
        UNKNOWN_KEY(FrenumCli.UNKNOWN_KEY),
        REFUSED(FrenumCli.BAD_INPUT);

        private final int exit;

        Outcome(int exit) {
            this.exit = exit;
        }
    }

    @Override
    public Integer call() throws Exception {
        Inputs.requireReadable(file);
        byte[] content = Files.readAllBytes(file);
        Optional<List<String>> bundled = BundleFile.verdicts(content);
        if (bundled.isEmpty()) {
            return verify(content).exit;
        }
        say("A bundle with %d signed verdicts.".formatted(bundled.get().size()));
        Outcome worst = Outcome.TRUSTED;
        for (String one : bundled.get()) {
            say("");
            Outcome outcome = verify(one.getBytes(StandardCharsets.UTF_8));
            worst = worst.compareTo(outcome) < 0 ? outcome : worst;
        }
        return worst.exit;
    }

    private Outcome verify(byte[] content) throws BadInput, IOException, FrenumCli.BadRequest {
        VerdictFile.Verified found = VerdictFile.read(new ByteArrayInputStream(content));
        FrozenVerdict v = found.verdict();
        say("%s (%s)".formatted(v.question(), v.vehicle()));
        Outcome outcome = authenticity(found);
        say(found.isReproduced() ? "Figures reproduced from its stops:" : "FIGURES NOT REPRODUCED. Its stops give:");
        say("  " + WORDS.text(conclusion(v).sentence()));
        return found.isReproduced() ? outcome : Outcome.REFUSED;
    }

    private Outcome authenticity(VerdictFile.Verified found) throws IOException, FrenumCli.BadRequest {
        if (!found.isUnaltered()) {
            // Nothing is printed that would make a changed file right.
            say(
                    found.key().isPresent()
                            ? "SIGNATURE NOT VALID: the file was changed after it was signed."
                            : "CHECKSUM DOES NOT MATCH: the file was changed.");
            return Outcome.REFUSED;
        }
        if (found.key().isEmpty()) {
            say("UNSIGNED (checksum only): anyone can make such a file. It says it is by %s, %s."
                    .formatted(found.verdict().signedBy(), found.verdict().signedAt()));
            return Outcome.CHECKSUM_ONLY;
        }
        VerifyingKey key = found.key().get();
        if (remember != null) {
            known().remember(key, remember);
        }
        Optional<String> whose = whose(key);
        say("Signature valid. Key: " + key.spelled());
        say(whose.map(w -> "Known key, of " + w).orElse("SIGNED BY A KEY THIS COMPUTER DOES NOT KNOW") + ": "
                + signer(found.verdict()) + ".");
        if (whose.isEmpty()) {
            say(
                    "Compare the fingerprint with the one on the signer's Users and devices page; then run again with --remember NAME.");
        }
        return whose.isPresent() ? Outcome.TRUSTED : Outcome.UNKNOWN_KEY;
    }

    private Optional<String> whose(VerifyingKey key) throws IOException {
        if (fingerprint == null) {
            return known().find(key).map(KnownKeys.Known::whose);
        }
        return key.hasFingerprint(fingerprint) ? Optional.of("the fingerprint given") : Optional.empty();
    }

    private KnownKeys known() {
        return new KnownKeys(FrenumCli.home(), Optional.ofNullable(keys));
    }

    private static String signer(FrozenVerdict v) {
        return v.signedAs() == null
                ? v.signedBy()
                : "signed by %s (%s), %s, rules version %d, instance %s; %d of %d analyses agree"
                        .formatted(
                                v.signedBy(),
                                v.signedAs().role().toLowerCase(Locale.ROOT),
                                v.signedAt(),
                                v.signedAs().rules(),
                                v.signedAs().instance(),
                                v.agreeing(),
                                v.ways());
    }

    private static Conclusion conclusion(FrozenVerdict v) {
        var again = v.again();
        return Conclusion.of(
                again,
                again.baseline(),
                again.candidate(),
                v.sides().get(0).thawed(),
                v.sides().get(v.candidate()).thawed());
    }

    /** A line; what a file puts into it stays in it, and does nothing to the terminal. */
    private void say(String line) {
        PrintWriter out = spec.commandLine().getOut();
        out.println(line.replaceAll("\\p{Cntrl}", " "));
        out.flush();
    }
}
