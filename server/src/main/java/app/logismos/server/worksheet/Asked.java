package app.logismos.server.worksheet;

import app.logismos.server.web.BadRequest;
import java.util.Optional;

/**
 * Who asks for a change, and whether it was asked for before.
 *
 * @param page the page that sends it; a page never conflicts with its own changes
 * @param key the same for a change that is sent again (Idempotency-Key, draft-ietf-httpapi-idempotency-key-header): it
 * is made once, however often it arrives
 */
record Asked(Optional<String> page, Optional<String> key) {
    static final String PAGE = "X-Page";
    static final String KEY = "Idempotency-Key";

    /** An unknown requester. */
    static final Asked BY_NOBODY = new Asked(Optional.empty(), Optional.empty());

    private static final int LONGEST = 64;

    Asked {
        check(PAGE, page);
        check(KEY, key);
    }

    private static void check(String header, Optional<String> text) {
        if (text.filter(given -> given.isBlank() || given.length() > LONGEST).isPresent()) {
            throw new BadRequest("`" + header + "` has 1 to " + LONGEST + " characters.");
        }
    }
}
