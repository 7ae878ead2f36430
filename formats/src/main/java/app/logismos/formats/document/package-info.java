/** What every reader of documents answers with, what every table holds, and how both refuse. */
package app.logismos.formats.document;
