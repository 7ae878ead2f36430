/**
 * The folder in which everything is kept: looked at before the program opens the database in it, and watched while it
 * writes. Uses the JDK and the driver of the database only.
 *
 * <p>Start at {@link app.logismos.server.datafolder.DataFolder}.
 */
@NullMarked
package app.logismos.server.datafolder;

import org.jspecify.annotations.NullMarked;
