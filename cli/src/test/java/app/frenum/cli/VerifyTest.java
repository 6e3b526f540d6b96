package app.frenum.cli;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.frenum.formats.bundle.Bundle;
import app.frenum.formats.bundle.BundleFile;
import app.frenum.formats.signature.SigningKey;
import app.frenum.formats.signature.VerifyingKey;
import app.frenum.formats.verdict.FrozenVerdict;
import app.frenum.formats.verdict.SignedAs;
import app.frenum.formats.verdict.VerdictFile;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Whether a file is what was signed, by whom, and whether that key is known here. */
class VerifyTest {
    private static final Path WITH_CHECKSUM = CliRun.example("signed-verdict.json");
    private static final SigningKey KEY = SigningKey.generate();

    @TempDir
    private Path folder;

    private String signed;

    /** The one of before, signed as it would be today. */
    @BeforeEach
    void sign() throws Exception {
        FrozenVerdict v = VerdictFile.read(new ByteArrayInputStream(Files.readAllBytes(WITH_CHECKSUM)))
                .verdict();
        signed = VerdictFile.sign(
                new FrozenVerdict(
                        v.format(),
                        FrozenVerdict.VERSION,
                        v.question(),
                        v.vehicle(),
                        v.margin(),
                        v.marginOfBaseline(),
                        v.plannedEach(),
                        v.sides(),
                        v.candidate(),
                        v.figures(),
                        v.ways(),
                        v.agreeing(),
                        v.signedBy(),
                        v.signedAt(),
                        new SignedAs("ENGINEER", FrozenVerdict.RULES, "bench")),
                KEY);
    }

    private CliRun verify(String content, String... options) throws IOException {
        List<String> all = new ArrayList<>(List.of("verify"));
        all.add(Files.writeString(folder.resolve("file.json"), content).toString());
        all.addAll(List.of(options));
        return CliRun.of(all.toArray(String[]::new));
    }

    private Path keys(String name, VerifyingKey key) throws IOException {
        Path keys = Files.createDirectories(folder.resolve(name));
        Files.writeString(keys.resolve("club.json"), key.jwk());
        Files.writeString(keys.resolve("notes.txt"), "none of these is a key");
        Files.writeString(keys.resolve("other.json"), "{\"no\": \"key\"}");
        return keys;
    }

    @Test
    void aKeyThatIsKnownByItsFingerprintOrItsFileIsTrusted() throws IOException {
        for (String[] trust : new String[][] {
            {"--key", KEY.verifyingKey().spelled()},
            {"--keys", keys("known", KEY.verifyingKey()).toString()}
        }) {
            CliRun run = verify(signed, trust);
            assertThat(run.exit()).isEqualTo(FrenumCli.DONE);
            assertThat(run.out())
                    .contains("Signature valid", "signed by", "(engineer)", "rules version " + FrozenVerdict.RULES)
                    .contains("Figures reproduced");
        }
    }

    @Test
    void aKeyThatIsNotKnownIsSaidToBeAndHasAnExitOfItsOwn() throws IOException {
        VerifyingKey other = SigningKey.generate().verifyingKey();
        for (String[] trust : new String[][] {
            {"--key", other.fingerprint()}, {"--keys", keys("others", other).toString()}
        }) {
            CliRun run = verify(signed, trust);
            assertThat(run.exit()).isEqualTo(FrenumCli.UNKNOWN_KEY);
            assertThat(run.out())
                    .contains("SIGNED BY A KEY THIS COMPUTER DOES NOT KNOW")
                    .contains(KEY.verifyingKey().spelled());
        }
    }

    @Test
    void aKeyThatWasRememberedIsKnownAndNobodyElseTakesItsName() throws Exception {
        KnownKeys known = new KnownKeys(folder, Optional.empty());
        assertThat(known.find(KEY.verifyingKey())).isEmpty();
        known.remember(KEY.verifyingKey(), "Hill-climb club");
        known.remember(KEY.verifyingKey(), "Hill-climb club");
        assertThat(known.find(KEY.verifyingKey()).orElseThrow().whose()).isEqualTo("Hill-climb club");
        assertThatThrownBy(() -> known.remember(SigningKey.generate().verifyingKey(), "Hill-climb club"))
                .isInstanceOf(FrenumCli.BadRequest.class)
                .hasMessageContaining("another key");
    }

    @Test
    void aFileThatWasChangedIsRefusedAndNothingTellsHowToMendIt() throws IOException {
        CliRun run = verify(
                signed.replaceFirst("\"value\" : [0-9.]+", "\"value\" : 41.0"),
                "--key",
                KEY.verifyingKey().fingerprint());
        assertThat(run.exit()).isEqualTo(FrenumCli.BAD_INPUT);
        assertThat(run.out())
                .contains("SIGNATURE NOT VALID", "FIGURES NOT REPRODUCED")
                .doesNotContain("signed by");
        CliRun checksum = verify(Files.readString(WITH_CHECKSUM).replace("\"vehicle\" : \"", "\"vehicle\" : \"X"));
        assertThat(checksum.exit()).isEqualTo(FrenumCli.BAD_INPUT);
        assertThat(checksum.out()).contains("CHECKSUM DOES NOT MATCH").doesNotContainPattern("[0-9a-f]{64}");
    }

    @Test
    void aFileOfBeforeIsUnsigned() {
        CliRun run = CliRun.of("verify", WITH_CHECKSUM.toString());
        assertThat(run.exit()).isEqualTo(FrenumCli.UNSIGNED);
        assertThat(run.out()).contains("UNSIGNED (checksum only)", "Figures reproduced");
    }

    @Test
    void aBundleIsAsGoodAsItsWorst() throws IOException {
        String key = KEY.verifyingKey().fingerprint();
        assertThat(verify(bundle(signed, signed), "--key", key).exit()).isEqualTo(FrenumCli.DONE);
        String old = Files.readString(WITH_CHECKSUM);
        assertThat(verify(bundle(signed, old), "--key", key).exit()).isEqualTo(FrenumCli.UNSIGNED);
        CliRun changed =
                verify(bundle(signed, signed.replace("\"vehicle\" : \"", "\"vehicle\" : \"X"), old), "--key", key);
        assertThat(changed.exit()).isEqualTo(FrenumCli.BAD_INPUT);
        assertThat(changed.out()).contains("A bundle with 3 signed verdicts");
        assertThat(verify("[1").err()).contains("not JSON");
    }

    private static String bundle(String... verdicts) {
        return BundleFile.write(Bundle.of(List.of(), List.of(), List.of(), List.of(verdicts)));
    }

    @Test
    void whatAFileSaysDoesNothingToTheTerminal() throws IOException {
        CliRun run =
                verify(signed.replaceFirst("(\"question\" : \")[^\"]*", "$1Is it?\\\\u001b[2J\\\\nSignature valid"));
        assertThat(run.out()).doesNotContain("\u001b").doesNotContain("\nSignature valid");
    }
}
