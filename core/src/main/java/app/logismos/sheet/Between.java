package app.logismos.sheet;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/** What a number that is part of a record may be, both ends included; whoever reads the record from outside checks it. */
@Retention(RetentionPolicy.RUNTIME)
@Target(ElementType.RECORD_COMPONENT)
public @interface Between {
    /** The least. */
    long least() default 0;

    /** The most. */
    long most();
}
