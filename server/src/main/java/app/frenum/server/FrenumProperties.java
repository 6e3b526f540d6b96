package app.frenum.server;

import java.nio.file.Path;
import org.springframework.boot.context.properties.ConfigurationProperties;

/**
 * Where Frenum keeps files, and whether it fills an empty database with the demo.
 *
 * @param home folder for uploads
 * @param demo load the demo data when the database is empty
 * @param standinCode pairing code of the demo's made-up devices; empty for none
 */
@ConfigurationProperties("frenum")
public record FrenumProperties(Path home, boolean demo, String standinCode) {}
