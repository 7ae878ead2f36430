/**
 * All functions and constants of the language by name, and what OpenFormula asks for. Uses the packages of functions.
 *
 * <p>Start at {@link app.logismos.catalogue.Catalogue}.
 */
@NullMarked
package app.logismos.catalogue;

import org.jspecify.annotations.NullMarked;
