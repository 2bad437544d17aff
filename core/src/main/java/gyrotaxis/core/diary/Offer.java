package gyrotaxis.core.diary;

import java.util.List;
import java.util.Optional;

/**
 * A time that is free.
 *
 * @param sittings when, where and by whom: one, or two if it fits in no other way
 * @param prepared when what is to be done beforehand is done, by the same hands; empty if nothing is
 */
public record Offer(List<Sitting> sittings, Optional<Span> prepared) {
    /** One sitting. */
    public record Sitting(Span span, Optional<ChairId> chair, StylistId stylist) {}

    public Offer {
        sittings = List.copyOf(sittings);
    }

    /** The first of its sittings. */
    public Sitting first() {
        return sittings.get(0);
    }
}
