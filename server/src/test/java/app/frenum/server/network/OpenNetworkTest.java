package app.frenum.server.network;

import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import app.frenum.server.account.Accounts;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

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
}
