/** Special functions and distributions to some thirty digits, so that their doubles are right in the last place. */
@NullMarked
package app.logismos.special;

import org.jspecify.annotations.NullMarked;
