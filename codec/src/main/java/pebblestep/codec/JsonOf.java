package pebblestep.codec;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/**
 * Asks for a class {@code Json} beside the annotated one, with {@code read} for each record that comes in and {@code write}
 * for each that goes out; the records that they are made of come along. A component is a field of its own name; what is null
 * is not written, and what is not there is null.
 */
@Target(ElementType.TYPE)
@Retention(RetentionPolicy.SOURCE)
public @interface JsonOf {
    /** Records that are read. */
    Class<?>[] read();

    /** Records that are written. */
    Class<?>[] write();
}
