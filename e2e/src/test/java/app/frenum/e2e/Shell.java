package app.frenum.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.concurrent.TimeUnit;

/** A shell with the parts of {@code ./frenum} in it, and a folder of its own. */
record Shell(Path folder) {
    private static final Path ROOT = Path.of("..").toAbsolutePath().normalize();
    private static final String PARTS = """
            set -euo pipefail
            ROOT=%s HOME_DIR=$PWD/home TOOLS_DIR=$PWD/tools PORT=1 CALLED_FROM=$PWD
            say() { printf '%%s\\n' "$*"; }
            die() { say "$1"; say "To mend it: ${2:-}"; exit 1; }
            make_home() { mkdir -p "$HOME_DIR"; }
            make_home
            for part in tools database building keeping running; do source "$ROOT/scripts/$part.sh"; done
            """.formatted(ROOT);

    /** What commands print; they must end well. */
    String run(String commands) throws Exception {
        ProcessBuilder builder = new ProcessBuilder("bash", "-c", PARTS + commands)
                .directory(folder.toFile())
                .redirectErrorStream(true);
        builder.environment().keySet().removeIf(name -> name.startsWith("FRENUM_"));
        Process process = builder.start();
        String out = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        assertThat(process.waitFor(2, TimeUnit.MINUTES)).isTrue();
        assertThat(process.exitValue()).as(out).isZero();
        return out;
    }
}
