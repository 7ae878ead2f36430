/** Office Open XML (ECMA-376) spreadsheets, read as streams and written. */
package app.logismos.formats.office;
