/** Single calculations and the catalogue of functions over HTTP. */
@NullMarked
package app.logismos.server.calculate;

import org.jspecify.annotations.NullMarked;
