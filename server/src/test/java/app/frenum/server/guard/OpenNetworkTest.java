package app.frenum.server.guard;

import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class OpenNetworkTest {
    @ParameterizedTest
    @ValueSource(strings = {"127.0.0.1", "localhost", "::1", "127.0.0.2"})
    void thisMachineAloneIsOpenedWithoutAsking(String address) {
        assertThatCode(() -> new OpenNetwork(address, false)).doesNotThrowAnyException();
    }

    @ParameterizedTest
    @ValueSource(strings = {"0.0.0.0", "::", "192.168.0.7", "no such address"})
    void aNetworkIsOpenedOnlyToWhoSaysSoPlainly(String address) {
        assertThatThrownBy(() -> new OpenNetwork(address, false))
                .isInstanceOf(OpenNetwork.Refused.class)
                .hasMessageContaining(address);
        assertThatCode(() -> new OpenNetwork(address, true)).doesNotThrowAnyException();
    }
}
