package app.logismos.formats.document;

import java.io.FilterInputStream;
import java.io.IOException;
import java.io.InputStream;

/** A part of a document as it is unpacked; ends with an error where it is larger than is read, or one text in it is. */
public final class PartStream extends FilterInputStream {
    /** No mark-up for so long is no text that a cell holds. */
    private static final int LONGEST_RUN = 4 << 20;

    private final long most;
    private final boolean isMarkedUp;
    private long count;
    private long run;

    private PartStream(InputStream part, long most, boolean isMarkedUp) {
        super(part);
        this.most = most;
        this.isMarkedUp = isMarkedUp;
    }

    /** A part of so many bytes at the most. */
    public static PartStream of(InputStream part, long most) {
        return new PartStream(part, most, false);
    }

    /** The same of XML, in which no text is longer than a cell holds by far. */
    public static PartStream ofXml(InputStream part, long most) {
        return new PartStream(part, most, true);
    }

    @Override
    public int read() throws IOException {
        int read = super.read();
        if (read >= 0) {
            look((byte) read);
            check();
        }
        return read;
    }

    @Override
    public int read(byte[] to, int from, int length) throws IOException {
        int read = super.read(to, from, length);
        for (int i = 0; i < read; i++) {
            look(to[from + i]);
        }
        check();
        return read;
    }

    /** How many bytes have come of it. */
    public long count() {
        return count;
    }

    private void look(byte read) {
        count++;
        run = read == '<' ? 0 : run + 1;
    }

    private void check() {
        if (count > most || isMarkedUp && run > LONGEST_RUN) {
            throw new Unreadable("This document unpacks to more than is read.");
        }
    }
}
