package app.logismos.formats.document;

import java.nio.charset.StandardCharsets;
import java.util.Locale;

/** What a document is, by the end of its name where that says so, or by how it begins. */
public enum DocumentKind {
    JSON,
    DELIMITED,
    OFFICE_OPEN_XML,
    OPEN_DOCUMENT;

    private static final String PARTS_IN_AN_ARCHIVE = "PK\u0003\u0004";
    private static final String COMPOUND = "\u00d0\u00cf\u0011\u00e0";
    private static final String PORTABLE = "%PDF";
    private static final String SPREADSHEET = "mimetypeapplication/vnd.oasis.opendocument.spreadsheet";
    private static final String WORKBOOK = "xl/workbook";
    private static final int LONGEST_TITLE = 110;

    /**
     * Looks at a document.
     *
     * @param name of its file; empty where it has none
     * @throws Unreadable where it is of a kind that is not read
     */
    public static DocumentKind of(byte[] document, String name) {
        String start = new String(document, 0, Math.min(document.length, 200), StandardCharsets.ISO_8859_1);
        if (start.startsWith(PARTS_IN_AN_ARCHIVE)) {
            return inArchive(document, start);
        } else if (start.startsWith(COMPOUND)) {
            throw new Unreadable(
                    new String(document, StandardCharsets.UTF_16LE).contains("EncryptedPackage")
                            ? "This document is protected by a password. Save it without one where it comes from."
                            : "This document has an old form that is not read. Save it there as .xlsx, .ods or CSV.");
        } else if (start.startsWith(PORTABLE)) {
            throw new Unreadable("A PDF has pages and no cells: it cannot be brought in.");
        }
        String lower = name.toLowerCase(Locale.ROOT);
        if (lower.matches(".*\\.(xlsx|xlsm|xltx|ods|ots|xls|pdf)")) {
            throw new Unreadable(
                    "This document is not what the end of its name says: it is empty, damaged, or of another"
                            + " kind. Open it in the program it comes from and save it again.");
        }
        if (lower.endsWith(".csv") || lower.endsWith(".tsv") || lower.endsWith(".tab") || lower.endsWith(".txt")) {
            return DELIMITED;
        }
        return lower.endsWith(".json") || start.stripLeading().startsWith("{") ? JSON : DELIMITED;
    }

    /** The names of the parts of an archive stand in it as they are. */
    private static DocumentKind inArchive(byte[] document, String start) {
        if (start.contains(SPREADSHEET)) {
            return OPEN_DOCUMENT;
        } else if (new String(document, StandardCharsets.ISO_8859_1).contains(WORKBOOK)) {
            return OFFICE_OPEN_XML;
        }
        throw new Unreadable(
                "There are no sheets of cells in this document, or it is cut off: it is no spreadsheet that can"
                        + " be read.");
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
