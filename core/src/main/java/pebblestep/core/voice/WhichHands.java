package pebblestep.core.voice;

import java.util.Optional;
import pebblestep.core.Identified;

/** Which hands play of what both have. */
public enum WhichHands implements Identified {
    TOGETHER("hands together"),
    RIGHT("right hand alone"),
    LEFT("left hand alone");

    private final String words;

    WhichHands(String words) {
        this.words = words;
    }

    /** In words. */
    public String words() {
        return words;
    }

    /** The hand that plays alone; empty where both do. */
    public Optional<By> alone() {
        return switch (this) {
            case TOGETHER -> Optional.empty();
            case RIGHT -> Optional.of(By.RIGHT);
            case LEFT -> Optional.of(By.LEFT);
        };
    }
}
