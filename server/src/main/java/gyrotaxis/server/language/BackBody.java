package gyrotaxis.server.language;

import gyrotaxis.core.foundation.Back;
import gyrotaxis.core.foundation.Back.FrontTails;
import gyrotaxis.core.foundation.Family;
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
        @Nullable @Schema(nullable = true) Boolean isHookedOff,
        @Nullable @Schema(nullable = true) Boolean isOnCombs,
        @Nullable @Schema(nullable = true) Boolean coversFront) {
    private static final int USUAL_LEVELS = 4;
    private static final double USUAL_PITCH_MM = 20;
    private static final double USUAL_EDGE_MM = 20;

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
                false,
                false,
                false);
    }

    /** What is written down for a back; figures of other families as they were written down before. */
    static BackBody of(Back back, @Nullable BackBody before) {
        BackBody b = before == null ? usual() : before;
        Back.Switchback switchback = back instanceof Back.Switchback s ? s : null;
        Back.Wefted wefted = back instanceof Back.Wefted w ? w : null;
        Back.Spiral spiral = back instanceof Back.Spiral s ? s : null;
        Back.Capped capped = back instanceof Back.Capped c ? c : null;
        return new BackBody(
                back.family(),
                switchback != null
                        ? Integer.valueOf(switchback.levels())
                        : wefted != null ? Integer.valueOf(wefted.rows()) : b.levels,
                switchback != null ? Boolean.valueOf(switchback.startsOnRight()) : b.startsOnRight,
                switchback != null ? switchback.frontTails() : b.frontTails,
                spiral != null ? Double.valueOf(spiral.pitchMm()) : b.pitchMm,
                capped != null ? Double.valueOf(capped.edgeMm()) : b.capEdgeMm,
                capped != null ? Boolean.valueOf(capped.isWideMesh()) : b.isWideMesh,
                wefted != null ? Boolean.valueOf(wefted.isDoubled()) : b.isDoubled,
                capped != null ? Boolean.valueOf(capped.isHookedOff()) : b.isHookedOff,
                capped != null ? Boolean.valueOf(capped.isOnCombs()) : b.isOnCombs,
                capped != null ? Boolean.valueOf(capped.coversFront()) : b.coversFront);
    }

    /** The same of another family. */
    BackBody as(Family other) {
        return new BackBody(
                other,
                levels,
                startsOnRight,
                frontTails,
                pitchMm,
                capEdgeMm,
                isWideMesh,
                isDoubled,
                isHookedOff,
                isOnCombs,
                coversFront);
    }

    /** The same with whatever it does not say as usual. */
    BackBody completed() {
        BackBody usual = usual();
        return new BackBody(
                Fields.or(family, usual.family),
                Fields.or(levels, usual.levels),
                Fields.or(startsOnRight, usual.startsOnRight),
                Fields.or(frontTails, usual.frontTails),
                Fields.or(pitchMm, usual.pitchMm),
                Fields.or(capEdgeMm, usual.capEdgeMm),
                Fields.or(isWideMesh, usual.isWideMesh),
                Fields.or(isDoubled, usual.isDoubled),
                Fields.or(isHookedOff, usual.isHookedOff),
                Fields.or(isOnCombs, usual.isOnCombs),
                Fields.or(coversFront, usual.coversFront));
    }

    Back check(Fields f, String prefix, int rows) {
        Family which = family == null ? Family.STRAIGHT : family;
        return switch (which) {
            case STRAIGHT -> new Back.Straight(rows);
            case SWITCHBACK ->
                new Back.Switchback(
                        levels(f, prefix, "Level rows"),
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
                        Boolean.TRUE.equals(isHookedOff),
                        Boolean.TRUE.equals(isOnCombs),
                        Boolean.TRUE.equals(coversFront));
            case WEFTED -> new Back.Wefted(levels(f, prefix, "Weft rows"), !Boolean.FALSE.equals(isDoubled));
        };
    }

    private int levels(Fields f, String prefix, String words) {
        return levels == null ? USUAL_LEVELS : f.whole(prefix + "levels", words, levels, Back.LEVELS);
    }
}
