/**
 * The program that people start: HTTP around the core, and the store. A package for each feature.
 *
 * <p>Start at {@link app.logismos.server.LogismosServer}.
 */
@NullMarked
package app.logismos.server;

import org.jspecify.annotations.NullMarked;
