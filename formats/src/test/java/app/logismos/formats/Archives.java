package app.logismos.formats;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.function.UnaryOperator;
import java.util.zip.CRC32;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;

/** Documents as another program might have written them. */
public final class Archives {
    private Archives() {}

    /** The document with the texts of its parts of XML changed, and without others, as the worksheet that is kept in ours. */
    public static byte[] changed(byte[] document, UnaryOperator<String> change) throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(document));
                ZipOutputStream out = new ZipOutputStream(bytes)) {
            for (ZipEntry part = in.getNextEntry(); part != null; part = in.getNextEntry()) {
                byte[] content = in.readAllBytes();
                if (part.getName().matches(".*\\.(xml|rels)")) {
                    String text = new String(content, StandardCharsets.UTF_8);
                    put(out, part.getName(), change.apply(text).getBytes(StandardCharsets.UTF_8));
                } else if (part.getName().equals("mimetype")) {
                    put(out, part.getName(), content);
                }
            }
        }
        return bytes.toByteArray();
    }

    /** A kind at the front of an open document stands there as it is. */
    private static void put(ZipOutputStream out, String name, byte[] content) throws IOException {
        ZipEntry entry = new ZipEntry(name);
        if (name.equals("mimetype")) {
            CRC32 sum = new CRC32();
            sum.update(content);
            entry.setMethod(ZipEntry.STORED);
            entry.setSize(content.length);
            entry.setCrc(sum.getValue());
        }
        out.putNextEntry(entry);
        out.write(content);
    }
}
