/** The demo data, made by the same edits as a person's. */
@NullMarked
package app.logismos.server.demo;

import org.jspecify.annotations.NullMarked;
