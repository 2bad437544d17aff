package gyrotaxis.server.bench;

import gyrotaxis.core.foundation.Back;
import gyrotaxis.core.foundation.Back.FrontTails;
import gyrotaxis.server.shared.Fields;
import io.swagger.v3.oas.annotations.media.Schema;
import org.jspecify.annotations.Nullable;

/** How the back is braided: the family, and the figures of every family, of which only its own count. */
public record BackBody(
        @Nullable Family family,
        @Nullable @Schema(nullable = true) Integer levels,
        @Nullable @Schema(nullable = true) Boolean startsOnRight,
        @Nullable @Schema(nullable = true) FrontTails frontTails,
        @Nullable @Schema(nullable = true) Double pitchMm,
        @Nullable @Schema(nullable = true) Double capEdgeMm,
        @Nullable @Schema(nullable = true) Boolean isWideMesh,
        @Nullable @Schema(nullable = true) Boolean isDoubled,
        @Nullable @Schema(nullable = true) Boolean isHookedOff) {
    private static final int USUAL_LEVELS = 4;
    private static final double USUAL_PITCH_MM = 20;
    private static final double USUAL_EDGE_MM = 20;

    /** The families. */
    public enum Family {
        STRAIGHT,
        SWITCHBACK,
        CROSS_TIED,
        SPIRAL,
        CAPPED,
        WEFTED
    }

    /** Straight rows, and what the other families would start from. */
    static BackBody usual() {
        return new BackBody(
                Family.STRAIGHT,
                USUAL_LEVELS,
                true,
                FrontTails.THREADED,
                USUAL_PITCH_MM,
                USUAL_EDGE_MM,
                false,
                true,
                false);
    }

    /** What is written down for a back; figures of other families as they were written down before. */
    static BackBody of(Back back, @Nullable BackBody before) {
        BackBody b = before == null ? usual() : before;
        if (back instanceof Back.Switchback s) {
            return new BackBody(
                    Family.SWITCHBACK,
                    s.passes(),
                    s.startsOnRight(),
                    s.frontTails(),
                    b.pitchMm,
                    b.capEdgeMm,
                    b.isWideMesh,
                    b.isDoubled,
                    b.isHookedOff);
        }
        if (back instanceof Back.Wefted w) {
            return new BackBody(
                    Family.WEFTED,
                    w.rows(),
                    b.startsOnRight,
                    b.frontTails,
                    b.pitchMm,
                    b.capEdgeMm,
                    b.isWideMesh,
                    w.isDoubled(),
                    b.isHookedOff);
        }
        if (back instanceof Back.Spiral s) {
            return new BackBody(
                    Family.SPIRAL,
                    b.levels,
                    b.startsOnRight,
                    b.frontTails,
                    s.pitchMm(),
                    b.capEdgeMm,
                    b.isWideMesh,
                    b.isDoubled,
                    b.isHookedOff);
        }
        if (back instanceof Back.Capped c) {
            return new BackBody(
                    Family.CAPPED,
                    b.levels,
                    b.startsOnRight,
                    b.frontTails,
                    b.pitchMm,
                    c.edgeMm(),
                    c.isWideMesh(),
                    b.isDoubled,
                    c.isHookedOff());
        }
        Family family = back instanceof Back.CrossTied ? Family.CROSS_TIED : Family.STRAIGHT;
        return new BackBody(
                family,
                b.levels,
                b.startsOnRight,
                b.frontTails,
                b.pitchMm,
                b.capEdgeMm,
                b.isWideMesh,
                b.isDoubled,
                b.isHookedOff);
    }

    Back check(Fields f, String prefix, int rows) {
        Family which = family == null ? Family.STRAIGHT : family;
        return switch (which) {
            case STRAIGHT -> new Back.Straight(rows);
            case SWITCHBACK ->
                new Back.Switchback(
                        levels(f, prefix, "Passes"),
                        !Boolean.FALSE.equals(startsOnRight),
                        frontTails == null ? FrontTails.THREADED : frontTails);
            case CROSS_TIED -> new Back.CrossTied();
            case SPIRAL ->
                new Back.Spiral(
                        pitchMm == null
                                ? USUAL_PITCH_MM
                                : f.lengthMm(prefix + "pitchMm", "From turn to turn", pitchMm, Back.PITCH_MM));
            case CAPPED ->
                new Back.Capped(
                        rows,
                        capEdgeMm == null
                                ? USUAL_EDGE_MM
                                : f.lengthMm(prefix + "capEdgeMm", "The cap's edge", capEdgeMm, Back.CAP_EDGE_MM),
                        Boolean.TRUE.equals(isWideMesh),
                        Boolean.TRUE.equals(isHookedOff));
            case WEFTED -> new Back.Wefted(levels(f, prefix, "Weft rows"), !Boolean.FALSE.equals(isDoubled));
        };
    }

    private int levels(Fields f, String prefix, String words) {
        return levels == null ? USUAL_LEVELS : f.whole(prefix + "levels", words, levels, Back.LEVELS);
    }
}
