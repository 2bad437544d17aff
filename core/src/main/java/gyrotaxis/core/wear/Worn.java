package gyrotaxis.core.wear;

import gyrotaxis.core.foundation.Foundation;
import gyrotaxis.core.foundation.LaidPart;
import gyrotaxis.core.quantity.Require;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.OptionalInt;

/**
 * One way in which an install is worn on a day.
 *
 * @param way the way
 * @param part which of the laid parts is worn, from 0 and from the client's left; empty if none is
 */
public record Worn(Way way, OptionalInt part) {
    public Worn {
        part.ifPresent(p -> Require.atLeast(0, p, "part", ""));
    }

    /** Worn in a way without a part. */
    public static Worn as(Way way) {
        return new Worn(way, OptionalInt.empty());
    }

    /** Worn down with a part. */
    public static Worn parted(int part) {
        return new Worn(Way.DOWN, OptionalInt.of(part));
    }

    /** All ways in which a foundation can be worn: down with each part, or with none if there is none, then the others. */
    public static List<Worn> all(Foundation foundation) {
        List<Worn> all = new ArrayList<>();
        for (int i = 0; i < foundation.parts().size(); i++) {
            all.add(parted(i));
        }
        if (all.isEmpty()) {
            all.add(as(Way.DOWN));
        }
        Arrays.stream(Way.values()).filter(w -> w != Way.DOWN).map(Worn::as).forEach(all::add);
        return List.copyOf(all);
    }

    /** What a stylist says: "down with part 1", parts numbered from the client's left. */
    public String words() {
        return part.isPresent() ? way.words() + " with part " + (part.getAsInt() + 1) : way.words();
    }

    /** The parts that are worn: none or one. */
    List<LaidPart> partsOf(Foundation foundation) {
        return part.isPresent() && part.getAsInt() < foundation.parts().size()
                ? List.of(foundation.parts().get(part.getAsInt()))
                : List.of();
    }
}
