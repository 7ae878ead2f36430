/** What all calls share: JSON, problems, and who is served. */
@NullMarked
package app.logismos.server.web;

import org.jspecify.annotations.NullMarked;
