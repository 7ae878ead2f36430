/**
 * Worksheets from documents and as documents in open formats. A reader makes a worksheet of the core from a document and
 * tells what it met; a writer makes a document from one. Nothing here knows the web or the store.
 */
package app.logismos.formats;
