package gyrotaxis.core.hair;

import gyrotaxis.core.quantity.Require;

/**
 * What one hook-in uses: a loop split lengthwise into equal parts, and one of them.
 *
 * @param parts into how many a loop is split, in [1, 8]; 1 is a whole loop, 8 a wisp
 */
public record Share(int parts) implements Comparable<Share> {
    /** Smaller than an eighth a share falls apart in the hand. */
    public static final int MAX_PARTS = 8;

    public static final Share WHOLE = new Share(1);
    public static final Share HALF = new Share(2);
    public static final Share THIRD = new Share(3);
    public static final Share QUARTER = new Share(4);

    public Share {
        Require.inRange(parts, 1, MAX_PARTS, "parts", "");
    }

    /** The part of a loop, in (0, 1]; for drawing and weighing, never for counting loops. */
    public double ofLoop() {
        return 1.0 / parts;
    }

    /** What a stylist says. */
    public String words() {
        return switch (parts) {
            case 1 -> "whole loop";
            case 2 -> "half";
            case 3 -> "third";
            case 4 -> "quarter";
            case 8 -> "eighth";
            default -> "1/" + parts;
        };
    }

    /** Larger shares first. */
    @Override
    public int compareTo(Share o) {
        return Integer.compare(parts, o.parts);
    }
}
