/** What every reader of documents answers with. */
package app.logismos.formats.document;
