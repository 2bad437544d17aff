package gyrotaxis.core.foundation;

import gyrotaxis.core.geometry.Path;
import gyrotaxis.core.geometry.Vec2;
import gyrotaxis.core.geometry.Vec3;
import gyrotaxis.core.scalp.OwnHair;
import java.util.List;
import java.util.Optional;

/** Finds where a row's tail enters the row beside it. */
final class Feed {
    /**
     * How much of the own hair's length is left as a tail once it is plaited.
     *
     * @see "ASSUMPTION: plaiting takes up a fifth"
     */
    private static final double TAIL_OF_HAIR = 0.8;

    /** A tail shorter than this past the entry slips out again, mm. ASSUMPTION: two fingers. */
    private static final double GRIP_MM = 35;

    /** Where tails enter, in parts of the receiving row: about three quarters along, later if they do not reach. */
    private static final double[] ENTRIES = {0.75, 0.8, 0.85, 0.9, 0.95};

    private Feed() {}

    /**
     * The tail of {@code row} fed into {@code next} where it first reaches, or too short for it.
     *
     * @param others tails placed before; a place that one of them enters is passed over, since tails are spread
     */
    static Tail of(Row row, Row next, OwnHair ownHair, List<Tail> others) {
        double reach = ownHair.lengthMm() * TAIL_OF_HAIR - GRIP_MM;
        List<Vec3> end = row.path().space();
        Vec3 from = end.get(end.size() - 1);
        double length = next.lengthMm();
        for (double part : ENTRIES) {
            Path upTo = next.path().between(0, part * length);
            Vec3 entry = upTo.space().get(upTo.space().size() - 1);
            boolean isTaken = others.stream()
                    .anyMatch(t -> t.into().equals(Optional.of(next.id())) && t.entryMm() == part * length);
            if (!isTaken && from.distance(entry) <= reach) {
                List<Vec2> flat = row.path().chart();
                Path thread = new Path(
                        List.of(
                                flat.get(flat.size() - 1),
                                upTo.chart().get(upTo.chart().size() - 1)),
                        List.of(from, entry));
                double added = Math.pow(row.braidWidthMm() / next.braidWidthMm(), 2);
                return new Tail(
                        row.id(), Tail.Kind.FED, Optional.of(next.id()), part * length, Optional.of(thread), 1 + added);
            }
        }
        return Tail.loose(row.id(), Tail.Kind.TOO_SHORT);
    }
}
