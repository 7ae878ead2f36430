package app.logismos.formats.opendocument;

import app.logismos.formats.document.PartStream;
import app.logismos.formats.document.Unreadable;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.Optional;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;

/** The parts of a document in an archive; looked for one at a time, so that no more than one is unpacked. */
record Archive(byte[] bytes) {
    /** The directory's end has a remark of so many bytes at the most. */
    private static final int LONGEST_END = 65_557;

    private static final int MOST_PARTS = 10_000;
    /** What is packed tighter than this is no document. */
    private static final long TIGHTEST = 200;

    private static final long ALWAYS_READ = 1L << 20;

    /** Whether the directory at its end is there. */
    boolean isWhole() {
        int from = Math.max(0, bytes.length - LONGEST_END);
        return new String(bytes, from, bytes.length - from, StandardCharsets.ISO_8859_1).contains("PK\u0005\u0006");
    }

    /** What reads a part. */
    interface Reading<T> {
        T read(InputStream part) throws IOException;
    }

    /** What was read of a part; nothing where there is none of that name. */
    <T> Optional<T> part(String name, long most, Reading<T> reading) throws IOException {
        try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(bytes))) {
            int parts = 0;
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                if (++parts > MOST_PARTS) {
                    throw new Unreadable("This document has more parts than is read.");
                }
                if (entry.getName().equals(name)) {
                    long bound = Math.min(most, Math.max(ALWAYS_READ, bytes.length * TIGHTEST));
                    return Optional.of(reading.read(
                            name.endsWith(".xml") ? PartStream.ofXml(zip, bound) : PartStream.of(zip, bound)));
                }
            }
            return Optional.empty();
        }
    }
}
