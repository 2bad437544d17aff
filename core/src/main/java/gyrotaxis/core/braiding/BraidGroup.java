package gyrotaxis.core.braiding;

/**
 * Braiding steps that follow each other and are alike, said as one.
 *
 * @param from number of the first step
 * @param to number of the last
 * @param words what to do, as a stylist would write it down
 */
public record BraidGroup(int from, int to, String words) {}
