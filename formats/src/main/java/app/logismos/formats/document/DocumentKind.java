package app.logismos.formats.document;

import java.nio.charset.StandardCharsets;
import java.util.Locale;

/** What a document is, by the end of its name where that says so, or by how it begins. */
public enum DocumentKind {
    JSON,
    DELIMITED;

    private static final String PARTS_IN_AN_ARCHIVE = "PK\u0003\u0004";
    private static final String COMPOUND = "\u00d0\u00cf\u0011\u00e0";
    private static final String PORTABLE = "%PDF";
    private static final int LONGEST_TITLE = 110;

    /**
     * Looks at a document.
     *
     * @param name of its file; empty where it has none
     * @throws Unreadable where it is of a kind that is not read
     */
    public static DocumentKind of(byte[] document, String name) {
        String start = new String(document, 0, Math.min(document.length, 200), StandardCharsets.ISO_8859_1);
        if (start.startsWith(PARTS_IN_AN_ARCHIVE) || start.startsWith(COMPOUND) || start.startsWith(PORTABLE)) {
            throw new Unreadable("A document of this kind cannot be brought in yet. Save it there as CSV, or as JSON "
                    + "where it comes from this program.");
        }
        String lower = name.toLowerCase(Locale.ROOT);
        if (lower.endsWith(".csv") || lower.endsWith(".tsv") || lower.endsWith(".tab") || lower.endsWith(".txt")) {
            return DELIMITED;
        }
        return lower.endsWith(".json") || start.stripLeading().startsWith("{") ? JSON : DELIMITED;
    }

    /** What is called after a document: the name of its file without its end. */
    public static String title(String name) {
        String clean = name.replaceAll(".*[/\\\\]", "")
                .replaceFirst("\\.[A-Za-z0-9]{1,5}$", "")
                .replaceAll("\\p{Cntrl}", " ")
                .strip();
        return clean.isEmpty() ? "Brought in" : clean.substring(0, Math.min(clean.length(), LONGEST_TITLE));
    }
}
