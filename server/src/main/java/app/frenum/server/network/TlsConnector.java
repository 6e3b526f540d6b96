package app.frenum.server.network;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.util.Objects;
import org.apache.catalina.connector.Connector;
import org.apache.coyote.http11.Http11NioProtocol;
import org.apache.tomcat.util.net.SSLHostConfig;
import org.apache.tomcat.util.net.SSLHostConfigCertificate;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.stereotype.Component;

/** Opens the encrypted way in. */
@Component
class TlsConnector implements WebServerFactoryCustomizer<TomcatServletWebServerFactory> {
    static final String ALIAS = "frenum";

    private final Tls tls;

    TlsConnector(Tls tls) {
        this.tls = tls;
    }

    @Override
    public void customize(TomcatServletWebServerFactory factory) {
        if (tls.isOpen()) {
            factory.addAdditionalConnectors(connector());
        }
    }

    private Connector connector() {
        Connector connector = new Connector("org.apache.coyote.http11.Http11NioProtocol");
        connector.setScheme("https");
        connector.setSecure(true);
        connector.setPort(tls.port());
        connector.setProperty("address", tls.address());
        Http11NioProtocol protocol = (Http11NioProtocol) connector.getProtocolHandler();
        protocol.setSSLEnabled(true);
        SSLHostConfig host = new SSLHostConfig();
        host.setProtocols("TLSv1.3+TLSv1.2");
        SSLHostConfigCertificate certificate = new SSLHostConfigCertificate(host, SSLHostConfigCertificate.Type.EC);
        certificate.setCertificateKeystoreFile(
                Objects.requireNonNull(tls.store()).toAbsolutePath().toString());
        certificate.setCertificateKeyAlias(ALIAS);
        certificate.setCertificateKeystoreType("PKCS12");
        certificate.setCertificateKeystorePassword(password());
        host.addCertificate(certificate);
        connector.addSslHostConfig(host);
        return connector;
    }

    private String password() {
        try {
            return Files.readString(Objects.requireNonNull(tls.passwordFile())).strip();
        } catch (IOException e) {
            throw new UncheckedIOException("the password of Frenum's own key cannot be read", e);
        }
    }
}
