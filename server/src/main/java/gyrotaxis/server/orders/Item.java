package gyrotaxis.server.orders;

import java.util.UUID;

/**
 * Packs of one line, colour and size.
 *
 * @param packs how many, at least 1
 * @param loops in each, at least 1
 */
record Item(UUID line, String colour, int packs, int loops) {
    static final int MAX_PACKS = 500;
    static final int MAX_LOOPS = 2400;

    Item {
        if (packs < 1 || loops < 1) {
            throw new IllegalArgumentException(
                    "packs and loops must be at least 1, but are " + packs + " and " + loops);
        }
    }

    /** The same hair, so many packs. */
    Item packs(int many) {
        return new Item(line, colour, many, loops);
    }

    /** Whether it is the same hair in packs of the same size. */
    boolean isLike(Item other) {
        return line.equals(other.line) && colour.equals(other.colour) && loops == other.loops;
    }
}
