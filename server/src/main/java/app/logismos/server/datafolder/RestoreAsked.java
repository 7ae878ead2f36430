package app.logismos.server.datafolder;

import org.springframework.context.ApplicationEvent;

/** Told when a backup is to take the place of the database: the program closes it, and opens what is in its place then. */
public final class RestoreAsked extends ApplicationEvent {
    RestoreAsked(Object source) {
        super(source);
    }
}
