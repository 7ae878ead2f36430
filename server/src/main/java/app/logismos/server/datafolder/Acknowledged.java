package app.logismos.server.datafolder;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.Map;

/**
 * The highest revision of each worksheet that somebody was told is kept, in a file beside the database: a database that
 * knows less is older than what people have seen.
 *
 * <p>One record of 44 bytes for each worksheet, its id in 36 characters and the revision in 8 bytes; an edit writes one
 * record in its place. An id of zeros is a free record.
 */
final class Acknowledged implements AutoCloseable {
    private static final int ID = 36;
    private static final int RECORD = ID + Long.BYTES;

    private final FileChannel channel;
    private final Map<String, Integer> places = new HashMap<>();
    private int records;

    private Acknowledged(FileChannel channel) {
        this.channel = channel;
    }

    static Path in(Path folder) {
        return folder.resolve("acknowledged");
    }

    /** What a folder's file says; nothing where there is none. */
    static Map<String, Long> read(Path folder) {
        Path file = in(folder);
        Map<String, Long> revisions = new LinkedHashMap<>();
        if (!Files.exists(file)) {
            return revisions;
        }
        try {
            ByteBuffer bytes = ByteBuffer.wrap(Files.readAllBytes(file));
            while (bytes.remaining() >= RECORD) {
                String id = id(bytes);
                long revision = bytes.getLong();
                if (!id.isEmpty()) {
                    revisions.put(id, revision);
                }
            }
            return revisions;
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }

    private static String id(ByteBuffer bytes) {
        byte[] id = new byte[ID];
        bytes.get(id);
        return new String(id, StandardCharsets.US_ASCII).replace("\0", "");
    }

    /** The file of a folder, to be written; it is made where there is none. */
    static Acknowledged open(Path folder) throws IOException {
        Acknowledged opened = new Acknowledged(FileChannel.open(
                in(folder), StandardOpenOption.CREATE, StandardOpenOption.READ, StandardOpenOption.WRITE));
        ByteBuffer bytes = ByteBuffer.allocate((int) (opened.channel.size() / RECORD * RECORD));
        opened.channel.read(bytes, 0);
        bytes.flip();
        while (bytes.remaining() >= RECORD) {
            opened.places.put(id(bytes), opened.records++);
            bytes.getLong();
        }
        opened.places.remove("");
        return opened;
    }

    /** Notes a revision; it is in the system's hands when this returns, and outlives the end of the program. */
    synchronized void note(String id, long revision) throws IOException {
        Integer place = places.get(id);
        if (place == null) {
            place = records++;
            places.put(id, place);
        }
        write(place, id, revision);
    }

    /** Forgets a worksheet that is taken out for good. */
    synchronized void forget(String id) throws IOException {
        Integer place = places.remove(id);
        if (place != null) {
            write(place, "", 0);
        }
    }

    private void write(int place, String id, long revision) throws IOException {
        ByteBuffer bytes = ByteBuffer.allocate(RECORD);
        bytes.put(id.getBytes(StandardCharsets.US_ASCII));
        bytes.putLong(ID, revision);
        bytes.position(0);
        channel.write(bytes, (long) place * RECORD);
    }

    @Override
    public void close() throws IOException {
        channel.close();
    }
}
