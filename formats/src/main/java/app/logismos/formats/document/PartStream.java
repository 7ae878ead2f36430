package app.logismos.formats.document;

import java.io.FilterInputStream;
import java.io.IOException;
import java.io.InputStream;

/** A part of a document as it is unpacked; ends with an error where it is larger than is read, or one text in it is. */
public final class PartStream extends FilterInputStream {
    /** No mark-up for so long is no text that a cell holds. */
    private static final int LONGEST_RUN = 4 << 20;

    private final long most;
    private long count;
    private long run;

    /** A part of so many bytes at the most. */
    public PartStream(InputStream part, long most) {
        super(part);
        this.most = most;
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

    private void look(byte read) {
        count++;
        run = read == '<' ? 0 : run + 1;
    }

    private void check() {
        if (count > most || run > LONGEST_RUN) {
            throw new Unreadable("This document unpacks to more than is read.");
        }
    }
}
