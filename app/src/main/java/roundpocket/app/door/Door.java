package roundpocket.app.door;

import java.lang.annotation.Documented;
import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/**
 * How a controller, or one of its methods, is come to. It is asked of the method that a request has reached, so that no way
 * of writing an address goes past it. Without it: whoever reads may come from anywhere on this computer, whoever changes
 * something has to be one of Round Pocket's own pages or show the token, and a place among the few at once is waited for.
 */
@Documented
@Target({ElementType.TYPE, ElementType.METHOD})
@Retention(RetentionPolicy.RUNTIME)
public @interface Door {
    /** Who may come. */
    Who who() default Who.READS_OR_OWNS;

    /** What of the store is used meanwhile. */
    Lane lane() default Lane.COMMON;

    /** Whether it is there while a damaged home waits for somebody to decide. */
    boolean whileDamaged() default false;

    /** Who may come. */
    enum Who {
        /** Anybody who reads; to change something, only its own pages and whoever can read the home. */
        READS_OR_OWNS,
        /** Only its own pages and whoever can read the home, also to read. */
        OWNS,
        /** Anybody who is no page of another site: it takes in and gives out, and changes nothing. */
        CALCULATES
    }

    /** What of the store is used. */
    enum Lane {
        /** One of a few at once. */
        COMMON,
        /** Shared with everybody, and never waiting for a place: a press. */
        PRESS,
        /** All of it, alone. */
        ALONE,
        /** Nothing, or what is asked for on the way. */
        NONE
    }
}
