package pebblestep.app.accounts;

/** How to come into the demo: shown on the sign-in page there, and nowhere else. */
public record DemoDoor(String email, String password, String student, String practicePath) {}
