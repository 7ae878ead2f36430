/** The formulas of documents of other programs: read, and turned into ours and from them. */
package app.logismos.formats.foreign;
