package app.frenum.server.stream;

import java.util.Map;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;

/** Does things one after another for each, and for none of them because of another: a slow one holds up its own alone. */
public final class Serially implements AutoCloseable {
    private final ExecutorService pool;
    private final Map<UUID, CompletableFuture<Void>> last = new ConcurrentHashMap<>();

    /** @param name of its threads */
    public Serially(String name) {
        pool = Executors.newCachedThreadPool(task -> {
            Thread thread = new Thread(task, name);
            thread.setDaemon(true);
            return thread;
        });
    }

    /** Once everything that was said before of the same is done. What goes wrong with one is no concern of the next. */
    public void execute(UUID of, Runnable what) {
        CompletableFuture<Void> done = last.compute(
                of,
                (id, before) -> before == null
                        ? CompletableFuture.runAsync(what, pool)
                        : before.handle((ok, wrong) -> null).thenRunAsync(what, pool));
        CompletableFuture<Void> unused = done.whenComplete((ok, wrong) -> last.remove(of, done));
    }

    @Override
    public void close() {
        pool.shutdownNow();
    }
}
