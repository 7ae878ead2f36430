package app.logismos.server.worksheet;

import java.util.Optional;

/**
 * A change that can be taken back.
 *
 * @param page the page that made it, where that is known
 */
record Done(long revision, Optional<String> page) {
    /** Whether somebody else has made it, as far as is known. */
    boolean isOfAnother(Optional<String> asking) {
        return page.isPresent() && asking.isPresent() && !page.equals(asking);
    }
}
