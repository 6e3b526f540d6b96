package app.frenum.formats.log;

import app.frenum.core.log.BlockLog;
import app.frenum.core.log.Channel;
import app.frenum.core.log.HealthCheck;
import app.frenum.core.log.HealthFinding;
import app.frenum.core.log.SampleBlock;
import app.frenum.core.quantity.Unit;
import java.io.Closeable;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;

/**
 * Takes rows in, watches them for the health card, and packs them, column by column, into a temporary file, so that a
 * log of any length needs little memory. The file goes when this is closed.
 */
public final class SampleSpool implements Closeable {
    /** Where one block lies in the file. */
    private record Place(
            long offset, int packed, int envelope, int firstRow, int rows, double lowest, double highest) {}

    private final Path path;
    private final FileChannel file;
    private final List<Channel> channels;
    private final HealthCheck health;
    private final double[][] inside;
    private final List<List<Place>> places = new ArrayList<>();
    /** Watches and packs one block while the next is being read. */
    private final ExecutorService packer = Executors.newSingleThreadExecutor(SampleSpool::daemon);

    private Future<?> packing = CompletableFuture.completedFuture(null);
    private double[][] buffers;
    private double[][] spare;
    private final List<Double> blockStarts = new ArrayList<>();
    private int inBlock;
    private int rows;
    private long end;

    /** @param channels the columns beside the time */
    public SampleSpool(List<Channel> channels) throws IOException {
        this.channels = List.copyOf(channels);
        health = new HealthCheck(channels);
        inside = new double[channels.size()][SampleBlock.ROWS];
        path = Files.createTempFile("frenum-", ".samples");
        file = FileChannel.open(
                path, StandardOpenOption.READ, StandardOpenOption.WRITE, StandardOpenOption.DELETE_ON_CLOSE);
        buffers = new double[channels.size() + 1][SampleBlock.ROWS];
        spare = new double[channels.size() + 1][SampleBlock.ROWS];
        for (int i = 0; i <= channels.size(); i++) {
            places.add(new ArrayList<>());
        }
    }

    /** Adds a row; {@code values} are in the channels' own units, NaN where missing. */
    public void add(double timeS, double[] values) throws IOException {
        buffers[0][inBlock] = timeS;
        for (int i = 0; i < values.length; i++) {
            buffers[i + 1][inBlock] = values[i];
        }
        if (++inBlock == SampleBlock.ROWS) {
            flush();
        }
        rows++;
    }

    private static Thread daemon(Runnable work) {
        Thread thread = new Thread(work, "frenum-packer");
        thread.setDaemon(true);
        return thread;
    }

    private void flush() throws IOException {
        if (inBlock == 0) {
            return;
        }
        awaitPacking();
        double[][] full = buffers;
        int n = inBlock;
        int firstRow = blockStarts.size() * SampleBlock.ROWS;
        blockStarts.add(full[0][0]);
        buffers = spare;
        spare = full;
        inBlock = 0;
        packing = packer.submit(() -> {
            watch(full, n);
            pack(full, n, firstRow);
            return null;
        });
    }

    private void awaitPacking() throws IOException {
        try {
            packing.get();
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IOException("interrupted while packing samples", e);
        } catch (ExecutionException e) {
            throw e.getCause() instanceof IOException io
                    ? io
                    : new IOException("samples could not be packed", e.getCause());
        }
    }

    private void watch(double[][] full, int n) {
        for (int c = 0; c < inside.length; c++) {
            Unit unit = channels.get(c).unit();
            for (int i = 0; i < n; i++) {
                inside[c][i] = unit.toInside(full[c + 1][i]);
            }
        }
        health.see(n, full[0], inside);
    }

    private void pack(double[][] full, int n, int firstRow) throws IOException {
        for (int c = 0; c < full.length; c++) {
            SampleBlock block = SampleBlock.of(firstRow, full[c], n);
            ByteBuffer both = ByteBuffer.allocate(block.packed().length + block.envelope().length)
                    .put(block.packed())
                    .put(block.envelope())
                    .flip();
            places.get(c)
                    .add(new Place(
                            end,
                            block.packed().length,
                            block.envelope().length,
                            firstRow,
                            n,
                            block.lowest(),
                            block.highest()));
            end += both.remaining();
            while (both.hasRemaining()) {
                file.write(both, end - both.remaining());
            }
        }
    }

    /** Ends writing. */
    public void finish() throws IOException {
        flush();
        awaitPacking();
        packer.shutdown();
    }

    /** What was noticed in the samples; ask when all are in. */
    public List<HealthFinding> health() {
        return health.findings();
    }

    public int rows() {
        return rows;
    }

    public int blocks() {
        return blockStarts.size();
    }

    /** Time of the first row of each block, s. */
    public double[] blockStarts() {
        return blockStarts.stream().mapToDouble(Double::doubleValue).toArray();
    }

    /** A block of a channel, or of the times ({@link BlockLog#TIME}). */
    public SampleBlock block(int channel, int block) {
        Place p = places.get(channel + 1).get(block);
        ByteBuffer both = ByteBuffer.allocate(p.packed() + p.envelope());
        try {
            while (both.hasRemaining()) {
                if (file.read(both, p.offset() + both.position()) < 0) {
                    throw new IOException("the spool " + path + " ended early");
                }
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        byte[] bytes = both.array();
        return new SampleBlock(
                p.firstRow(),
                p.rows(),
                Arrays.copyOf(bytes, p.packed()),
                Arrays.copyOfRange(bytes, p.packed(), bytes.length),
                p.lowest(),
                p.highest());
    }

    /** The rows as a log. */
    public BlockLog asLog() {
        return new BlockLog(channels, rows, blockStarts(), this::block);
    }

    @Override
    public void close() throws IOException {
        packer.shutdownNow();
        file.close();
    }
}
