package app.frenum.server;

import static org.assertj.core.api.Assertions.assertThat;

import app.frenum.server.RunningServer.Answer;
import app.frenum.server.who.Deed;
import app.frenum.server.who.Role;
import java.io.IOException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

/** Who comes in, what each may do there, and how they are out again. */
class DoorTest {
    private static final int SOON_MS = 1000;
    private static final String NEW_VEHICLE = "{\"id\":\"%s\",\"name\":\"Estate\",\"description\":\"\"}";

    private final RunningServer server = RunningServer.shared();

    private String added(String role) {
        String name = role + " " + UUID.randomUUID();
        server.door().add(name, role);
        return name;
    }

    private Door signedIn(String name) {
        Door door = Door.shut(server.url());
        door.signIn(name);
        return door;
    }

    private static Answer vehicle(Door door) {
        return door.ask("POST", "/api/vehicles", NEW_VEHICLE.formatted(UUID.randomUUID()));
    }

    @ParameterizedTest
    @ValueSource(strings = {"/api/tests", "/api/bundle", "/api/accounts", "/api/forms", "/papers/tests/x/run-card.pdf"})
    void nobodySeesAnythingWhoIsNotSignedIn(String path) {
        assertThat(Door.shut(server.url()).ask("GET", path, null).status()).isEqualTo(401);
    }

    @Test
    void theFirstOwnerIsTheOnlyOneWhoComesInLikeThat() {
        Answer second = Door.shut(server.url())
                .ask("POST", "/api/session/owner", Map.of("name", "A stranger", "password", Door.PASSWORD));
        assertThat(second.status()).isEqualTo(409);
        assertThat(second.body().get("detail").asString()).contains("There is an owner already");
    }

    @Test
    void wrongNamesAndWrongPasswordsAreRefusedAlike() {
        String known = added("DRIVER");
        Door door = Door.shut(server.url());
        Answer wrong =
                door.ask("POST", "/api/session/people", Map.of("name", known, "password", "not that one at all"));
        Answer unknown =
                door.ask("POST", "/api/session/people", Map.of("name", "Nobody", "password", "not that one at all"));
        assertThat(wrong.status()).isEqualTo(401);
        assertThat(unknown).isEqualTo(wrong);
        assertThat(vehicle(door).status()).isEqualTo(401);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "short",
                "aaaaaaaaaaaaaaaa",
                "Password123!",
                "qwertyuiop12",
                "iloveyou2020",
                "Hannes Vale 1962",
                "frenum brakes"
            })
    void whatAnybodyWouldTryFirstIsNoPassword(String password) {
        Answer refused = server.door()
                .ask(
                        "PUT",
                        "/api/accounts/" + UUID.randomUUID(),
                        Map.of("name", "Hannes Vale", "role", "DRIVER", "password", password));
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.body().get("field").asString()).isEqualTo("password");
    }

    @Test
    void aNameIsNeverGivenTwice() {
        String name = added("DRIVER");
        Answer again = server.door()
                .ask(
                        "PUT",
                        "/api/accounts/" + UUID.randomUUID(),
                        Map.of("name", "  " + name.toUpperCase(java.util.Locale.ROOT) + " ", "role", "OWNER"));
        assertThat(again.status()).isEqualTo(422);
        assertThat(again.body().get("detail").asString()).contains("has this name already");
    }

    @Test
    void aSessionThatSomebodyElseKnewBeforeIsNotTheOneThatIsSignedIn() throws IOException {
        Door first = signedIn(Door.MARSHAL);
        String before = first.cookie(first.session());
        first.signIn(added("ENGINEER"));
        assertThat(first.cookie(first.session())).isNotEqualTo(before);
        String planted = "Cookie: %s=%s; %s=x".formatted(first.session(), before, Door.TOKEN);
        assertThat(RawHttp.status(server.url(), "GET /api/tests", List.of("Host: 127.0.0.1", planted), ""))
                .isEqualTo(401);
    }

    @Test
    void withoutItsOwnTokenNothingIsChanged() throws IOException {
        Door door = signedIn(Door.MARSHAL);
        List<String> headers =
                List.of("Host: 127.0.0.1", "Content-Type: application/json", "Cookie: " + door.cookieHeader());
        String body = NEW_VEHICLE.formatted(UUID.randomUUID());
        assertThat(RawHttp.status(server.url(), "POST /api/vehicles", headers, body))
                .isEqualTo(403);
        List<String> wrong = new ArrayList<>(headers);
        wrong.add(Door.TOKEN_HEADER + ": " + UUID.randomUUID());
        assertThat(RawHttp.status(server.url(), "POST /api/vehicles", wrong, body))
                .isEqualTo(403);
        assertThat(vehicle(door).status()).isEqualTo(200);
    }

    /** What takes files says so, and is asked again as that. */
    private static int asked(Door door, Routes.Route route) {
        int status = door.ask(route.method(), route.address(), route.body()).status();
        return status == 415
                ? door.ask(route.method(), route.address(), "application/octet-stream", "x")
                        .status()
                : status;
    }

    /** A new route that says nothing of what it does, or lets in whom it should not, fails here. */
    @ParameterizedTest
    @EnumSource(Role.class)
    void eachRoleDoesWhatIsTheirsAndNothingElse(Role role) {
        doesWhatIsTheirsAndNothingElse(signedIn(added(role.name())), role);
    }

    private void doesWhatIsTheirsAndNothingElse(Door door, Role role) {
        assertThat(routes()).hasSizeGreaterThan(100).allSatisfy(route -> {
            Deed deed = Deed.valueOf(route.does());
            int status = asked(door, route);
            if (role.may(deed)) {
                assertThat(status).as("%s %s", role, route).isNotEqualTo(401);
                // What is an owner's alone within a route that others may ask for is said there, and not by the walk.
                assertThat(status == 403 && deed != Deed.READS)
                        .as("%s %s", role, route)
                        .isFalse();
            } else {
                assertThat(status).as("%s %s", role, route).isEqualTo(403);
            }
        });
    }

    /** All but those by which anybody comes in. */
    private List<Routes.Route> routes() {
        return new Routes(server.get("/api/openapi"), new Routes.Known(new HashMap<>(), new HashMap<>()))
                .all().stream()
                        .filter(route -> Deed.valueOf(route.does()) != Deed.GREETS)
                        .toList();
    }

    @Test
    void aDriverSaysWhatHappenedAndJudgesNothing() {
        Door driver = signedIn(added("DRIVER"));
        String run = "/api/runs/" + UUID.randomUUID() + "/events";
        Map<String, Object> decided = Map.of("type", "decided", "validity", "VALID", "reason", "");
        assertThat(driver.ask("POST", run, Map.of("id", UUID.randomUUID(), "atS", 1, "what", decided))
                        .status())
                .isEqualTo(403);
        assertThat(driver.ask("POST", run, Map.of("id", UUID.randomUUID(), "atS", 1, "what", Map.of("type", "atRest")))
                        .status())
                .as("there is no such run, but it would be theirs")
                .isEqualTo(404);
    }

    @Test
    void aPhoneJoinsOnceByItsCodeAndIsOutWithinASecond() throws IOException {
        String name = added("DRIVER");
        UUID id = UUID.fromString(account(name).get("id").asString());
        Answer invitation = server.door().ask("POST", "/api/screens/invitations", Map.of("account", id));
        String code = invitation.body().get("code").asString();
        assertThat(invitation.body().get("links").get(0).get("address").asString())
                .endsWith("/join#" + code);
        Door phone = Door.shut(server.url());
        Map<String, String> seen =
                Map.of("code", " " + code.toLowerCase(java.util.Locale.ROOT), "screenName", "<i>Phone</i>");
        JsonNode in = phone.ask("POST", "/api/session/joined", seen).body();
        assertThat(in.get("people").get(0).get("name").asString()).isEqualTo(name);
        assertThat(Door.shut(server.url())
                        .ask("POST", "/api/session/joined", seen)
                        .status())
                .as("used already")
                .isEqualTo(422);
        assertThat(vehicle(phone).status()).isEqualTo(200);
        doesWhatIsTheirsAndNothingElse(phone, Role.DRIVER);

        String screen = in.get("screen").asString();
        try (RawHttp stream = stream(phone)) {
            long began = System.nanoTime();
            assertThat(server.delete("/api/screens/" + screen).status()).isEqualTo(200);
            stream.untilEnded();
            assertThat((System.nanoTime() - began) / 1e6).isLessThan(SOON_MS);
        }
        assertThat(routes())
                .allSatisfy(route ->
                        assertThat(asked(phone, route)).as("cut off: %s", route).isEqualTo(401));
        assertThat(server.get("/api/screens").toString()).doesNotContain(screen);
    }

    private RawHttp stream(Door door) throws IOException {
        RawHttp stream = new RawHttp(server.url());
        stream.say("GET /api/devices/%s/live HTTP/1.1\r\nHost: 127.0.0.1\r\n%s\r\n\r\n"
                .formatted(UUID.randomUUID(), String.join("\r\n", RawHttp.of(door))));
        assertThat(stream.status()).isEqualTo(200);
        return stream;
    }

    @Test
    void twoHundredIdleStreamsHoldNobodyUp() throws IOException {
        List<RawHttp> all = new ArrayList<>();
        try {
            for (int i = 0; i < 200; i++) {
                all.add(stream(server.door()));
            }
            assertThat(server.tryGet("/api/tests").status()).isEqualTo(200);
        } finally {
            for (RawHttp http : all) {
                http.close();
            }
        }
    }

    private JsonNode account(String name) {
        for (JsonNode a : server.get("/api/accounts")) {
            if (a.get("name").asString().equals(name)) {
                return a;
            }
        }
        throw new AssertionError(name);
    }

    @Test
    void nobodyLetsInOrPutsOutOthersButAnOwner() {
        String owner = account(Door.MARSHAL).get("id").asString();
        Door engineer = signedIn(added("ENGINEER"));
        assertThat(engineer.ask("POST", "/api/screens/invitations", Map.of("account", owner))
                        .status())
                .isEqualTo(403);
        String screen = server.door()
                .ask("GET", "/api/session", null)
                .body()
                .get("screen")
                .asString();
        assertThat(engineer.ask("DELETE", "/api/screens/" + screen, null).status())
                .isEqualTo(403);
        assertThat(engineer.ask("PUT", "/api/accounts/" + owner + "/password", Map.of("password", "mine from now on!"))
                        .status())
                .isEqualTo(403);
    }

    @Test
    void whoeverIsShutOutIsOutAtOnceAndTheLastOwnerCannotBe() {
        String name = added("ENGINEER");
        Door engineer = signedIn(name);
        String standing = "/api/accounts/" + account(name).get("id").asString() + "/standing";
        assertThat(server.put(standing, "{\"role\":\"VIEWER\",\"closed\":false}")
                        .status())
                .isEqualTo(200);
        assertThat(vehicle(engineer).status()).as("another role at once").isEqualTo(403);
        assertThat(server.put(standing, "{\"role\":\"VIEWER\",\"closed\":true}").status())
                .isEqualTo(200);
        assertThat(engineer.ask("GET", "/api/tests", null).status()).isEqualTo(401);
    }

    @Test
    void aPasswordIsChangedByWhoeverKnowsIt() {
        String name = added("DRIVER");
        Door driver = signedIn(name);
        String path = "/api/accounts/" + account(name).get("id").asString() + "/password";
        assertThat(driver.ask("PUT", path, Map.of("password", "another seven cones"))
                        .status())
                .isEqualTo(401);
        assertThat(driver.ask("PUT", path, Map.of("current", Door.PASSWORD, "password", "another seven cones"))
                        .status())
                .isEqualTo(200);
        assertThat(Door.shut(server.url())
                        .ask("POST", "/api/session/people", Map.of("name", name, "password", "another seven cones"))
                        .status())
                .isEqualTo(200);
    }

    @Test
    void anotherPasswordPutsOutWhoeverCameInByTheOneBefore() {
        String name = added("DRIVER");
        String other = added("ENGINEER");
        Door own = signedIn(name);
        Door elsewhere = signedIn(name);
        Door shared = signedIn(name);
        shared.signIn(other);
        String path = "/api/accounts/" + account(name).get("id").asString() + "/password";
        own.ask("PUT", path, Map.of("current", Door.PASSWORD, "password", "another seven cones"));
        assertThat(own.ask("GET", "/api/tests", null).status()).isEqualTo(200);
        assertThat(elsewhere.ask("GET", "/api/tests", null).status()).isEqualTo(401);
        assertThat(shared.ask("GET", "/api/session", null)
                        .body()
                        .get("people")
                        .valueStream()
                        .map(p -> p.get("name").asString()))
                .containsExactly(other);
    }

    @Test
    void whoHasNoPasswordIsGivenOneByAnOwnerAlone() {
        String name = "Guest " + UUID.randomUUID();
        String id = UUID.randomUUID().toString();
        server.door().ask("PUT", "/api/accounts/" + id, Map.of("name", name, "role", "ENGINEER"));
        String code = server.door()
                .ask("POST", "/api/screens/invitations", Map.of("account", id))
                .body()
                .get("code")
                .asString();
        Door shared = signedIn(added("DRIVER"));
        shared.ask("POST", "/api/session/joined", Map.of("code", code, "screenName", ""));
        Map<String, String> grabbed = Map.of("password", "another seven cones");
        String path = "/api/accounts/" + id + "/password";
        assertThat(shared.ask("PUT", path, grabbed).status())
                .as("held in the guest's name")
                .isEqualTo(403);
        assertThat(server.door().ask("PUT", path, grabbed).status()).isEqualTo(200);
    }

    @Test
    void aRestartSignsNobodyOut() {
        Door before;
        String database;
        try (RunningServer first = RunningServer.onAnEmptyDatabase()) {
            before = first.door();
            database = first.databaseUrl();
        }
        try (RunningServer second = RunningServer.on(database)) {
            assertThat(before.at(second.url()).ask("GET", "/api/tests", null).status())
                    .isEqualTo(200);
        }
    }

    @Test
    void aCrowdAtTheDoorIsNoWayRoundTheWaitAndHoldsNobodyUp() {
        try (RunningServer own = RunningServer.onAnEmptyDatabase()) {
            own.door();
            Door stranger = Door.shut(own.url());
            List<CompletableFuture<Integer>> crowd = IntStream.range(0, 100)
                    .mapToObj(i -> CompletableFuture.supplyAsync(
                            () -> stranger.ask(
                                            "POST",
                                            "/api/session/people",
                                            Map.of("name", Door.MARSHAL, "password", "guess number " + i))
                                    .status(),
                            task -> new Thread(task).start()))
                    .toList();
            assertThat(own.tryGet("/api/tests").status()).isEqualTo(200);
            List<Integer> answers = crowd.stream().map(CompletableFuture::join).toList();
            assertThat(answers).containsOnly(401, 429, 503).contains(429);
            assertThat(answers.stream().filter(s -> s == 401).count())
                    .as("tried at all")
                    .isLessThanOrEqualTo(10);
        }
    }

    @Test
    void whoeverTriesManyPasswordsWaits() {
        try (RunningServer own = RunningServer.onAnEmptyDatabase()) {
            own.door();
            Door stranger = Door.shut(own.url());
            List<Integer> answers = new ArrayList<>();
            for (int i = 0; i < 12; i++) {
                answers.add(stranger.ask(
                                "POST",
                                "/api/session/people",
                                Map.of("name", Door.MARSHAL, "password", "guess number " + i))
                        .status());
            }
            assertThat(answers).startsWith(401, 401, 401, 401).endsWith(429);
            for (int i = 0; i < 12; i++) {
                answers.add(stranger.ask("POST", "/api/session/joined", Map.of("code", "guess " + i, "screenName", ""))
                        .status());
            }
            assertThat(answers).endsWith(429);
        }
    }
}
