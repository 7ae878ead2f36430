/**
 * Tables, matrices, looking up, records. Uses the declarations and arguments of {@code function}.
 *
 * <p>Start at {@link app.logismos.function.table.TableFunctions}.
 */
@NullMarked
package app.logismos.function.table;

import org.jspecify.annotations.NullMarked;
