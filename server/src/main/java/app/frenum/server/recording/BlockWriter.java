package app.frenum.server.recording;

import app.frenum.core.log.SampleBlock;
import java.io.ByteArrayOutputStream;
import java.io.DataOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.sql.Connection;
import java.sql.SQLException;
import java.util.UUID;
import org.postgresql.PGConnection;
import org.postgresql.copy.CopyIn;

/**
 * Writes sample blocks by PostgreSQL's binary COPY, in the transaction of the connection it is given: thousands of
 * packed blocks go in as one stream instead of thousands of statements. The format is that of PostgreSQL's manual,
 * COPY, "Binary Format".
 */
final class BlockWriter implements AutoCloseable {
    private static final String COPY = "copy sample_block "
            + "(recording_id, channel, block, first_row, row_count, packed, envelope, lowest, highest) "
            + "from stdin with (format binary)";
    private static final byte[] SIGNATURE = "PGCOPY\n\u00ff\r\n\0".getBytes(StandardCharsets.ISO_8859_1);
    private static final int FIELDS = 9;
    private static final int SEND_AT = 1 << 18;

    private final CopyIn copy;
    private final UUID recording;
    private final ByteArrayOutputStream waiting = new ByteArrayOutputStream(2 * SEND_AT);
    private final DataOutputStream out = new DataOutputStream(waiting);

    BlockWriter(Connection connection, UUID recording) throws SQLException, IOException {
        this.recording = recording;
        copy = connection.unwrap(PGConnection.class).getCopyAPI().copyIn(COPY);
        out.write(SIGNATURE);
        out.writeInt(0);
        out.writeInt(0);
    }

    void write(int channel, int block, SampleBlock b) throws SQLException, IOException {
        out.writeShort(FIELDS);
        out.writeInt(16);
        out.writeLong(recording.getMostSignificantBits());
        out.writeLong(recording.getLeastSignificantBits());
        for (int whole : new int[] {channel, block, b.firstRow(), b.rows()}) {
            out.writeInt(4);
            out.writeInt(whole);
        }
        bytes(b.packed());
        bytes(b.envelope());
        number(b.lowest());
        number(b.highest());
        if (waiting.size() >= SEND_AT) {
            send();
        }
    }

    private void bytes(byte[] value) throws IOException {
        out.writeInt(value.length);
        out.write(value);
    }

    /** NaN, "none", becomes null. */
    private void number(double value) throws IOException {
        if (Double.isNaN(value)) {
            out.writeInt(-1);
        } else {
            out.writeInt(8);
            out.writeDouble(value);
        }
    }

    private void send() throws SQLException {
        byte[] bytes = waiting.toByteArray();
        copy.writeToCopy(bytes, 0, bytes.length);
        waiting.reset();
    }

    /** Ends the stream; everything written is then part of the transaction. */
    void finish() throws SQLException, IOException {
        out.writeShort(-1);
        send();
        copy.endCopy();
    }

    /** Gives up a stream that was not finished, so that the connection can be used to roll back. */
    @Override
    public void close() throws SQLException {
        if (copy.isActive()) {
            copy.cancelCopy();
        }
    }
}
