package pebblestep.core.fingering;

import pebblestep.core.Identified;

/** A way of going about, as teachers teach it. */
public interface School extends Identified {
    /** In words: {@code three notes a string}. */
    String words();

    /** The one of some schools with that id; the first of them where none has it. */
    static <S extends School> S among(S[] schools, String id) {
        for (S school : schools) if (school.id().equals(id)) return school;
        return schools[0];
    }

    /** Whether one of some schools has that id. */
    static boolean isAmong(School[] schools, String id) {
        for (School school : schools) if (school.id().equals(id)) return true;
        return false;
    }
}
