package app.frenum.server.guard;

import java.net.InetAddress;
import java.net.UnknownHostException;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.diagnostics.AbstractFailureAnalyzer;
import org.springframework.boot.diagnostics.FailureAnalysis;
import org.springframework.stereotype.Component;

/**
 * Refuses to open Frenum to a network by accident: over it nothing is encrypted and nobody signs in yet, so that whoever
 * opens it says so plainly.
 */
@Component
class OpenNetwork {
    OpenNetwork(
            @Value("${server.address:127.0.0.1}") String address,
            @Value("${frenum.plain-network:false}") boolean plainly) {
        if (!plainly && !isLoopback(address)) {
            throw new Refused(address);
        }
    }

    /** Nobody said plainly that it is to be open. */
    static final class Refused extends RuntimeException {
        private static final long serialVersionUID = 1L;

        Refused(String address) {
            super(
                    "Frenum is not opened to a network: %s is not this machine alone, and there is neither sign-in nor encryption yet."
                            .formatted(address));
        }
    }

    /** Says so in words instead of a trace. */
    static final class Analyzer extends AbstractFailureAnalyzer<Refused> {
        @Override
        protected FailureAnalysis analyze(Throwable root, Refused cause) {
            return new FailureAnalysis(
                    cause.getMessage(),
                    "On a cable between two machines of your own, set FRENUM_PLAIN=true as well; else leave FRENUM_ADDRESS out.",
                    cause);
        }
    }

    private static boolean isLoopback(String address) {
        try {
            return InetAddress.getByName(address).isLoopbackAddress();
        } catch (UnknownHostException e) {
            return false;
        }
    }
}
