package app.frenum.server.network;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.junit.jupiter.api.Assumptions.assumeTrue;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import app.frenum.server.Door;
import app.frenum.server.RunningServer;
import app.frenum.server.account.Accounts;
import java.net.Inet4Address;
import java.net.InetAddress;
import java.net.NetworkInterface;
import java.net.SocketException;
import java.nio.file.Path;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

class OpenNetworkTest {
    private static final Tls NONE = new Tls(null, null, "0.0.0.0", 8418, "");
    private static final Tls OPEN = new Tls(Path.of("frenum.p12"), Path.of("password"), "0.0.0.0", 8418, "");

    private static Accounts accounts(boolean withOwner) {
        Accounts accounts = mock(Accounts.class);
        when(accounts.hasOwner()).thenReturn(withOwner);
        return accounts;
    }

    @ParameterizedTest
    @ValueSource(strings = {"127.0.0.1", "localhost", "::1", "127.0.0.2"})
    void thisMachineAloneIsOpenedWithoutAsking(String address) {
        assertThatCode(() -> new OpenNetwork(address, false, NONE, accounts(false)))
                .doesNotThrowAnyException();
    }

    @ParameterizedTest
    @ValueSource(strings = {"0.0.0.0", "::", "192.168.0.7", "no such address"})
    void aNetworkIsOpenedOnlyToWhoSaysSoPlainly(String address) {
        assertThatThrownBy(() -> new OpenNetwork(address, false, NONE, accounts(true)))
                .isInstanceOf(OpenNetwork.Refused.class)
                .hasMessageContaining(address);
        assertThatCode(() -> new OpenNetwork(address, true, NONE, accounts(true)))
                .doesNotThrowAnyException();
    }

    @Test
    void nobodyOpensWhatHasNoOwner() {
        assertThatThrownBy(() -> new OpenNetwork("127.0.0.1", false, OPEN, accounts(false)))
                .hasMessageContaining("no owner yet");
        assertThatThrownBy(() -> new OpenNetwork("0.0.0.0", true, NONE, accounts(false)))
                .hasMessageContaining("no owner yet");
        assertThatCode(() -> new OpenNetwork("127.0.0.1", false, OPEN, accounts(true)))
                .doesNotThrowAnyException();
    }

    /** Somebody must be there at the machine itself to come in by one press, or to become the first owner. */
    @Test
    void thePeopleOfTheDemoAreNotReachedFromANetwork() throws Exception {
        Optional<String> own = ownAddress();
        assumeTrue(own.isPresent(), "a machine without any network");
        String database;
        try (RunningServer demo = RunningServer.withDemo()) {
            demo.door();
            database = demo.databaseUrl();
        }
        try (RunningServer server =
                RunningServer.demoOn(database, "--server.address=0.0.0.0", "--frenum.plain-network=true")) {
            JsonNode here =
                    Door.shut(server.url()).ask("GET", "/api/session", null).body();
            assertThat(here.get("ready")).isNotEmpty();
            Map<String, String> press = Map.of("account", here.at("/ready/0/id").asString());
            Map<String, String> first = Map.of("name", "Stranger", "password", Door.PASSWORD);
            Door there = Door.shut(server.url().replace("127.0.0.1", own.get()));
            JsonNode seen = there.ask("GET", "/api/session", null).body();
            assertThat(seen.get("ready")).isEmpty();
            assertThat(seen.get("needsOwner").asBoolean()).isFalse();
            assertThat(there.ask("POST", "/api/session/ready", press).status()).isEqualTo(401);
            assertThat(there.ask("POST", "/api/session/owner", first).status()).isNotEqualTo(200);
            assertThat(there.ask("GET", "/api/tests", null).status()).isEqualTo(401);
        }
    }

    private static Optional<String> ownAddress() throws SocketException {
        return NetworkInterface.networkInterfaces()
                .flatMap(NetworkInterface::inetAddresses)
                .filter(a -> a instanceof Inet4Address && !a.isLoopbackAddress())
                .map(InetAddress::getHostAddress)
                .findFirst();
    }
}
