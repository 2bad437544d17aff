package gyrotaxis.core.braiding;

import gyrotaxis.core.foundation.Row;
import gyrotaxis.core.geometry.Path;
import gyrotaxis.core.geometry.Vec2;
import gyrotaxis.core.ownhair.OwnHair;
import java.util.List;

/**
 * How far the end of a row reaches from where the row stops.
 *
 * @param tailMm how long the plaited end is, mm
 */
public record Reach(double tailMm) {
    /**
     * How much of the own hair's length is left as a tail once it is plaited.
     *
     * @see "ASSUMPTION: plaiting takes up a fifth"
     */
    static final double TAIL_OF_HAIR = 0.8;

    /** A tail shorter than this past the entry slips out again, mm. ASSUMPTION: two fingers. */
    public static final double GRIP_MM = 35;

    /** Where along a row tails usually enter. */
    static final double USUAL_ENTRY = 0.75;

    /** How far ends of such hair reach. */
    public static Reach of(OwnHair hair) {
        return new Reach(hair.lengthMm() * TAIL_OF_HAIR);
    }

    /** The own hair that reaches so far, mm. */
    public static double hairMm(double mm) {
        return (mm + GRIP_MM) / TAIL_OF_HAIR;
    }

    /** How far away it can enter another row, mm; below 0 where it is too short to enter any. */
    public double mm() {
        return tailMm - GRIP_MM;
    }

    /** Whether a tail gets to where it enters, and two fingers beyond. */
    public boolean gets(Tail tail) {
        return tail.thread().map(t -> t.lengthMm() <= mm()).orElse(true);
    }

    /** The way from the end of a row to where it usually enters another. */
    public static Path way(Row from, Row into) {
        return way(from, into, USUAL_ENTRY * into.lengthMm());
    }

    /** The way from the end of a row to a place on another. */
    static Path way(Row from, Row into, double entryMm) {
        List<Vec2> flat = from.path().chart();
        return new Path(
                List.of(flat.get(flat.size() - 1), into.path().chartAt(entryMm)),
                List.of(from.path().end(), into.path().spaceAt(entryMm)));
    }
}
