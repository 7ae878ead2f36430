/** Values between separators (RFC 4180), with commas, semicolons or tabs. */
package app.logismos.formats.delimited;
