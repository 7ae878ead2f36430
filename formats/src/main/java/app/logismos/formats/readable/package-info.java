/** Worksheets for people: as Markdown with mathematics, as one page of HTML, as LaTeX. */
package app.logismos.formats.readable;
