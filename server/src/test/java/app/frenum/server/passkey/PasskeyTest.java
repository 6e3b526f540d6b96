package app.frenum.server.passkey;

import static org.assertj.core.api.Assertions.assertThat;

import app.frenum.server.Door;
import app.frenum.server.RunningServer;
import app.frenum.server.RunningServer.Answer;
import java.util.Map;
import java.util.UUID;
import java.util.function.Consumer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

/** Passkeys let in whoever made them, and nobody else, whatever is sent. */
class PasskeyTest {
    private final RunningServer server = RunningServer.shared();
    private final String url = server.url().replace("127.0.0.1", "localhost");
    private final String name = "Driver " + UUID.randomUUID();
    private final Door driver = in(name);
    private final PocketKey key = new PocketKey(url, "localhost");

    private Door in(String person) {
        server.door().add(person, "DRIVER");
        Door door = Door.shut(url);
        door.signIn(person);
        return door;
    }

    private static JsonNode askedToMake(Door door) {
        return door.ask("POST", "/api/passkeys/asked", Map.of("password", Door.PASSWORD))
                .body();
    }

    private static Answer make(Door door, JsonNode asked, String credential) {
        return door.ask(
                "POST",
                "/api/passkeys",
                Map.of("asked", asked.get("id").asString(), "label", "Phone", "credential", credential));
    }

    private void made() {
        JsonNode asked = askedToMake(driver);
        Answer made = make(driver, asked, key.made(asked));
        assertThat(made.status()).isEqualTo(200);
        assertThat(made.body()).hasSize(1);
        assertThat(made.body().get(0).get("site").asString()).isEqualTo("localhost");
    }

    private static JsonNode askedAtTheDoor(Door door) {
        return door.ask("POST", "/api/session/passkeys/asked", Map.of()).body();
    }

    private static Answer use(Door door, JsonNode asked, String credential) {
        return door.ask(
                "POST", "/api/session/passkeys", Map.of("asked", asked.get("id").asString(), "credential", credential));
    }

    private Answer use() {
        Door door = Door.shut(url);
        JsonNode asked = askedAtTheDoor(door);
        return use(door, asked, key.used(asked));
    }

    private JsonNode own() {
        return driver.ask("GET", "/api/passkeys", null).body();
    }

    @Test
    void whoeverHasOneComesInWithoutNameOrPassword() {
        made();
        assertThat(own().get(0).get("lastUsedAt").isNull()).isTrue();
        Answer in = use();
        assertThat(in.status()).isEqualTo(200);
        assertThat(in.body().get("people").get(0).get("name").asString()).isEqualTo(name);
        assertThat(own().get(0).get("lastUsedAt").isNull()).isFalse();
        assertThat(use().status()).as("and again").isEqualTo(200);
    }

    @Test
    void anAnswerIsGoodOnce() {
        made();
        Door door = Door.shut(url);
        JsonNode asked = askedAtTheDoor(door);
        String answer = key.used(asked);
        assertThat(use(door, asked, answer).status()).isEqualTo(200);
        assertThat(use(Door.shut(url), asked, answer).status()).isEqualTo(409);
        JsonNode another = askedAtTheDoor(door);
        assertThat(use(door, another, answer).status())
                .as("to another question")
                .isEqualTo(401);
    }

    /** Each is right but for one thing. */
    private static final Map<String, Consumer<PocketKey>> FORGED = Map.of(
            "of another page", k -> k.origin = "https://elsewhere.example",
            "of another port", k -> k.origin = "http://localhost:1",
            "of nobody who showed a finger", PocketKey::unverified,
            "of a copy that counts behind", k -> k.count = 0);

    @ParameterizedTest
    @ValueSource(
            strings = {
                "of another page",
                "of another port",
                "of nobody who showed a finger",
                "of a copy that counts behind"
            })
    void noneLetsInThatIs(String what) {
        made();
        use();
        use();
        FORGED.get(what).accept(key);
        assertThat(use().status()).isEqualTo(401);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "null",
                "{}",
                "[1]",
                "{\"id\":\"AA\",\"type\":\"public-key\",\"response\":{}}",
                "{\"id\":null"
            })
    void whatIsNoPasskeyIsRefusedInWords(String credential) {
        Door door = Door.shut(url);
        Answer refused = use(door, askedAtTheDoor(door), credential);
        assertThat(refused.status()).isEqualTo(401);
        assertThat(refused.body().get("detail").asString()).contains("lets nobody in here");
        JsonNode asked = askedToMake(driver);
        assertThat(make(driver, asked, credential).status()).isEqualTo(401);
        assertThat(own()).isEmpty();
    }

    @Test
    void aKeyOfAnotherPersonsIsNotTheirs() {
        made();
        PocketKey others = new PocketKey(url, "localhost");
        Door door = Door.shut(url);
        JsonNode asked = askedAtTheDoor(door);
        assertThat(use(door, asked, others.used(asked)).status())
                .as("was never made here")
                .isEqualTo(401);
    }

    @Test
    void whoIsHandedAScreenMakesNoneInAnothersName() {
        Door other = in("Other " + UUID.randomUUID());
        JsonNode asked = askedToMake(driver);
        assertThat(make(other, asked, key.made(asked)).status()).isEqualTo(409);
        assertThat(driver.ask("POST", "/api/passkeys/asked", Map.of("password", "not that one at all"))
                        .status())
                .isEqualTo(401);
        assertThat(own()).isEmpty();
    }

    @Test
    void takenOutItLetsNobodyInAndOthersCannotTakeItOut() {
        made();
        String path = "/api/passkeys/" + own().get(0).get("id").asString();
        assertThat(in("Other " + UUID.randomUUID()).ask("DELETE", path, null).status())
                .isEqualTo(403);
        assertThat(use().status()).isEqualTo(200);
        assertThat(driver.ask("DELETE", path, null).status()).isEqualTo(200);
        assertThat(use().status()).isEqualTo(401);
    }

    /** Whoever knew it could have made a key of their own. */
    @Test
    void anotherPasswordTakesOutTheKeysThatWereMadeByTheOneBefore() {
        made();
        String account = own().get(0).get("account").asString();
        driver.ask(
                "PUT",
                "/api/accounts/" + account + "/password",
                Map.of("current", Door.PASSWORD, "password", "another seven cones"));
        assertThat(own()).isEmpty();
        assertThat(use().status()).isEqualTo(401);
    }

    @Test
    void whoeverIsShutOutIsOutWithTheirKey() {
        made();
        String account = own().get(0).get("account").asString();
        server.put("/api/accounts/" + account + "/standing", "{\"role\":\"DRIVER\",\"closed\":true}");
        assertThat(use().status()).isEqualTo(401);
    }

    @Test
    void aNumberIsNoNameForOne() {
        Answer refused = Door.shut(server.url()).ask("POST", "/api/session/passkeys/asked", Map.of());
        assertThat(refused.status()).isEqualTo(409);
        assertThat(refused.body().get("detail").asString()).contains("not for numbers such as 127.0.0.1");
    }
}
