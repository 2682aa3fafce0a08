package pebblestep.core.hands;

/**
 * A part of what something costs a hand, with its reason.
 *
 * @param why in words, as a clause: {@code slide 1 to 6}
 * @param thousandths how much, in thousandths of the effort of a usual move at five notes a second
 */
public record Toll(String why, int thousandths) {}
