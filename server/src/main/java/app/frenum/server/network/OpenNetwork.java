package app.frenum.server.network;

import app.frenum.server.account.Accounts;
import java.net.InetAddress;
import java.net.UnknownHostException;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.diagnostics.AbstractFailureAnalyzer;
import org.springframework.boot.diagnostics.FailureAnalysis;
import org.springframework.stereotype.Component;

/** Refuses to open Frenum to a network by accident: without encryption, or before anybody says who may come in. */
@Component
class OpenNetwork {
    OpenNetwork(
            @Value("${server.address:127.0.0.1}") String address,
            @Value("${frenum.plain-network:false}") boolean plainly,
            Tls tls,
            Accounts accounts) {
        boolean open = !isLoopback(address);
        if (open && !plainly) {
            throw new Refused(
                    "%s is not this machine alone, and nothing is encrypted on the way.".formatted(address),
                    "Start it with --tls. On a cable between two machines of your own, FRENUM_PLAIN=true will do.");
        }
        if ((open || tls.isOpen()) && !accounts.hasOwner()) {
            throw new Refused(
                    "It has no owner yet, who says who may come in.",
                    "Start it once without --tls and FRENUM_ADDRESS, open it on this machine, and say who its owner is.");
        }
    }

    /** It is not opened as things stand. */
    static final class Refused extends RuntimeException {
        private static final long serialVersionUID = 1L;

        private final String cure;

        Refused(String why, String cure) {
            super("Frenum is not opened to a network: " + why);
            this.cure = cure;
        }
    }

    /** Says so in words instead of a trace. */
    static final class Analyzer extends AbstractFailureAnalyzer<Refused> {
        @Override
        protected FailureAnalysis analyze(Throwable root, Refused cause) {
            return new FailureAnalysis(cause.getMessage(), cause.cure, cause);
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
