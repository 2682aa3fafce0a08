package pebblestep.core.fingering;

/**
 * One cost of a way or a move, with its reason. The cost of a whole is the sum of such parts.
 *
 * @param why in words, as a clause: {@code slide 1 to 6}
 * @param thousandths how much, in thousandths of the effort of a usual move at five notes a second
 */
public record Cost(String why, int thousandths) {}
