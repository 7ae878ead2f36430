/** Worksheets: what is open, what is kept, and the calls on them. Start at {@link app.logismos.server.worksheet.Worksheets}. */
@NullMarked
package app.logismos.server.worksheet;

import org.jspecify.annotations.NullMarked;
