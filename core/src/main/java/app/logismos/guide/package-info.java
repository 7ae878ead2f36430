/** The guide: its pages, and an index that finds functions, units, constants, pages and commands by everyday words. */
@NullMarked
package app.logismos.guide;

import org.jspecify.annotations.NullMarked;
