/**
 * The stored form: how worksheets and their changes are written as JSON in the database, and how older formats are read.
 * It is apart from what the HTTP calls read and write, so that each can change without the other. Start at {@link
 * app.logismos.server.stored.StoredForm}.
 */
@NullMarked
package app.logismos.server.stored;

import org.jspecify.annotations.NullMarked;
