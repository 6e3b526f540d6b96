package app.frenum.e2e.torture;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.concurrent.TimeUnit;

/** A Frenum of its own, run by the script as people run it, whose parts are killed without a warning. */
final class Victim implements AutoCloseable {
    private static final Path SCRIPT = Path.of("../frenum").toAbsolutePath().normalize();
    private static final Duration COMES_BACK_WITHIN = Duration.ofMinutes(5);
    private static final int OK = 200;

    private final Path home = temporary();
    private final int port = freePort();
    private final HttpClient http = HttpClient.newHttpClient();

    /** What is killed. */
    enum Part {
        SERVER,
        CONNECTIONS,
        DATABASE
    }

    Victim() throws IOException, InterruptedException {
        script("run", "--detach");
    }

    private static Path temporary() {
        try {
            return Files.createTempDirectory("frenum-torture-");
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static int freePort() {
        try (ServerSocket free = new ServerSocket(0)) {
            return free.getLocalPort();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private void script(String... arguments) throws IOException, InterruptedException {
        ProcessBuilder builder = new ProcessBuilder();
        builder.command().add(SCRIPT.toString());
        builder.command().addAll(List.of(arguments));
        builder.environment().put("FRENUM_HOME", home.toString());
        builder.environment().put("FRENUM_PORT", String.valueOf(port));
        builder.environment().put("FRENUM_BUILT", "true");
        builder.environment().remove("FRENUM_DB_URL");
        builder.environment().remove("FRENUM_DB_IS_PRIVATE");
        Process process = builder.redirectErrorStream(true)
                .redirectOutput(home.resolve("script.log").toFile())
                .start();
        if (!process.waitFor(COMES_BACK_WITHIN.toSeconds(), TimeUnit.SECONDS) || process.exitValue() != 0) {
            throw new IllegalStateException("the script failed: " + Files.readString(home.resolve("script.log")));
        }
    }

    String url() {
        return "http://127.0.0.1:" + port;
    }

    void kill(Part part) throws IOException {
        switch (part) {
            case SERVER ->
                ProcessHandle.of(Long.parseLong(
                                Files.readString(home.resolve("server.pid")).strip()))
                        .ifPresent(ProcessHandle::destroyForcibly);
            case DATABASE -> postmaster().ifPresent(ProcessHandle::destroyForcibly);
            case CONNECTIONS ->
                postmaster().stream()
                        .flatMap(ProcessHandle::children)
                        .filter(p -> p.info().commandLine().orElse("").contains("frenum frenum"))
                        .forEach(ProcessHandle::destroy);
        }
    }

    private Optional<ProcessHandle> postmaster() throws IOException {
        String own = "port=" + Files.readString(home.resolve("database.port")).strip();
        return ProcessHandle.allProcesses()
                .filter(p -> p.info().commandLine().orElse("").contains(own))
                .filter(p -> p.info().command().orElse("").endsWith("/postgres"))
                .findFirst();
    }

    /** @return how long it took, s */
    double untilItAnswers() throws InterruptedException {
        long began = System.nanoTime();
        long latest = began + COMES_BACK_WITHIN.toNanos();
        while (!answers()) {
            if (System.nanoTime() > latest) {
                throw new IllegalStateException("it did not come back; its home is " + home);
            }
            TimeUnit.MILLISECONDS.sleep(100);
        }
        return (System.nanoTime() - began) / 1e9;
    }

    private boolean answers() throws InterruptedException {
        try {
            HttpRequest request = HttpRequest.newBuilder(URI.create(url() + "/api/demo"))
                    .timeout(Duration.ofSeconds(5))
                    .build();
            return http.send(request, BodyHandlers.discarding()).statusCode() == OK;
        } catch (IOException e) {
            return false;
        }
    }

    /** Something at random. */
    static Part any(Random random) {
        return Part.values()[random.nextInt(Part.values().length)];
    }

    @Override
    public void close() throws IOException {
        try {
            script("stop");
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }
}
