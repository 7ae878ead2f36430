/**
 * What people ask for in one go and the program works out into edits: continuing a pattern, sorting, naming by labels. May
 * use all below {@code recalculate}. Start at {@link app.logismos.act.Act}.
 */
@NullMarked
package app.logismos.act;

import org.jspecify.annotations.NullMarked;
