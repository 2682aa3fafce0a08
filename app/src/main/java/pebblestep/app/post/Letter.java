package pebblestep.app.post;

/** A letter in plain text. */
public record Letter(String to, String subject, String text) {}
