/** Workbooks, in no format yet: sheets of cells with their formulas as documents spell them; from them and from worksheets. */
package app.logismos.formats.book;
