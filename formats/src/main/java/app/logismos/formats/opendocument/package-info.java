/** OpenDocument spreadsheets (OASIS ODF 1.3, part 3), read as streams and written. */
package app.logismos.formats.opendocument;
