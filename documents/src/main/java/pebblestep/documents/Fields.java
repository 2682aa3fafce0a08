package pebblestep.documents;

import java.util.function.Supplier;
import pebblestep.core.Refusal;

/** Reads the fields of a document by the rules of the core, and names the field where a rule refuses. */
public final class Fields {
    private Fields() {}

    /** Reads a field; a refusal that names no field is said of this one. */
    public static <T> T at(String field, Supplier<T> read) {
        try {
            return read.get();
        } catch (Refusal e) {
            throw e.at(field);
        }
    }

    /** Reads a document in a field; a refusal of a part of it is said of that part, under this field. */
    public static <T> T under(String field, Supplier<T> read) {
        try {
            return read.get();
        } catch (Refusal e) {
            throw e.under(field);
        }
    }
}
