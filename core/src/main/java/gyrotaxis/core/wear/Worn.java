package gyrotaxis.core.wear;

import gyrotaxis.core.foundation.Foundation;
import gyrotaxis.core.foundation.LaidPart;
import gyrotaxis.core.foundation.PartGap;
import gyrotaxis.core.foundation.WearingPart;
import gyrotaxis.core.quantity.Require;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;

/**
 * One way in which an install is worn on a day.
 *
 * @param way the way
 * @param part which of the laid parts is worn, from 0 and from the client's left; empty if none is
 * @param gap which gap between front rows is tried as a part that was not planned, from 0 and from the client's left; empty if none
 *     is, or a planned part is worn
 */
public record Worn(Way way, OptionalInt part, OptionalInt gap) {
    public Worn {
        part.ifPresent(p -> Require.atLeast(0, p, "part", ""));
        gap.ifPresent(g -> Require.atLeast(0, g, "gap", ""));
        if (part.isPresent() && gap.isPresent()) {
            throw new IllegalArgumentException(
                    "part is " + part + " and gap is " + gap + ", but only one part is worn");
        }
    }

    /** Worn in a way with one of the parts, or with none. */
    public Worn(Way way, OptionalInt part) {
        this(way, part, OptionalInt.empty());
    }

    /** Worn down, a gap tried as a part. */
    public static Worn inGap(int gap) {
        return new Worn(Way.DOWN, OptionalInt.empty(), OptionalInt.of(gap));
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
        if (gap.isPresent()) {
            return way.words() + ", parted in the gap after front row " + (gap.getAsInt() + 1);
        }
        return part.isPresent() ? way.words() + " with part " + (part.getAsInt() + 1) : way.words();
    }

    /** The parts that are worn: none or one. */
    List<LaidPart> partsOf(Foundation foundation) {
        if (gap.isPresent() && gap.getAsInt() < foundation.gaps().size()) {
            PartGap tried = foundation.gaps().get(gap.getAsInt());
            return List.of(new LaidPart(WearingPart.straight(0), tried.path(), tried, Optional.empty()));
        }
        return part.isPresent() && part.getAsInt() < foundation.parts().size()
                ? List.of(foundation.parts().get(part.getAsInt()))
                : List.of();
    }
}
