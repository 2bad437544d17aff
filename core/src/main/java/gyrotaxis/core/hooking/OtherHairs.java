package gyrotaxis.core.hooking;

import gyrotaxis.core.foundation.Back;
import gyrotaxis.core.foundation.Foundation;
import gyrotaxis.core.foundation.FoundationBrief;
import gyrotaxis.core.foundation.RimBrief.Where;
import gyrotaxis.core.foundation.Row;
import gyrotaxis.core.geometry.Polygons;
import gyrotaxis.core.geometry.Vec2;
import gyrotaxis.core.hair.HairLine;
import gyrotaxis.core.install.OtherHair;
import gyrotaxis.core.ownhair.OwnHair;
import gyrotaxis.core.row.RowUse;
import gyrotaxis.core.scalp.Region;
import gyrotaxis.core.scalp.RegionKind;
import gyrotaxis.core.scalp.Scalp;
import java.util.ArrayList;
import java.util.List;

/**
 * Finds all hair of a head that covers without being hooked: what is left out at the rim, wefts, buns and shown braids over the
 * area that was left out for them, the mesh of a cap.
 */
public final class OtherHairs {
    /** Areas are taken in squares of this side, mm; a mirrored head is taken alike on both sides. */
    private static final double SQUARE_MM = 8;

    /** A piece of weft is so long, mm. */
    private static final double WEFT_PIECE_MM = 10;

    /**
     * Weight of a weft, g for every mm of its length.
     *
     * @see "ASSUMPTION: wefts differ; weighing one against its length would settle it"
     */
    private static final double WEFT_G_PER_MM = 0.12;

    /**
     * Width that the hair of a mm² of scalp covers once over, mm: two hairs of 0.07 mm each, half of which lie on others.
     *
     * @see "ASSUMPTION: medium hair; density and strands scale it as they scale a plait's cross-section"
     */
    private static final double OWN_MM_PER_MM2 = 0.07;

    /** A bun hides all that it was left out for. ASSUMPTION: as deep as a full head. */
    private static final double BUN_DEPTH = 4;

    /** Braids that are shown lie over all they were left out for. ASSUMPTION. */
    private static final double BRAIDS_DEPTH = 3;

    /** A dark mesh hides most of the skin beneath. ASSUMPTION: four fifths. */
    private static final double MESH_DEPTH = 1;

    private final Scalp scalp;
    private final Foundation foundation;
    private final List<OtherHair> found = new ArrayList<>();

    private OtherHairs(Scalp scalp, Foundation foundation) {
        this.scalp = scalp;
        this.foundation = foundation;
    }

    /**
     * All of it.
     *
     * @param asked how the foundation was asked for
     * @param main the main hair, of which wefts are
     */
    public static List<OtherHair> of(
            Scalp scalp,
            Foundation foundation,
            FoundationBrief asked,
            OwnHair own,
            List<Region> regions,
            HairLine main) {
        OtherHairs o = new OtherHairs(scalp, foundation);
        if (asked.rim().sparesEdges() || asked.rim().leaveOut() != Where.NOWHERE) {
            o.leftOut(own);
        }
        if (asked.back() instanceof Back.Wefted w) {
            o.wefts(main, w.isDoubled());
        }
        for (Region r : regions) {
            if (r.kind().isLeftOut()) {
                o.laid(scalp.chartOf(r), r.kind() == RegionKind.BUN ? BUN_DEPTH : BRAIDS_DEPTH);
            }
        }
        foundation.cap().ifPresent(c -> o.laid(c.area(), MESH_DEPTH));
        return List.copyOf(o.found);
    }

    /** All that grows between the hairline and the line within which hair is braided. */
    private void leftOut(OwnHair own) {
        List<Vec2> hairline = scalp.outline().chart();
        List<Vec2> braided = foundation.braidedEdge();
        double amount = own.thicknessFactor() * own.thicknessFactor();
        double square = SQUARE_MM * SQUARE_MM;
        for (Vec2 at : squares(hairline)) {
            if (!Polygons.contains(braided, at)) {
                found.add(new OtherHair.LeftOut(
                        scalp.chart().lift(at), at, OWN_MM_PER_MM2 * amount * square, own.lengthMm(), square));
            }
        }
    }

    private void wefts(HairLine main, boolean isDoubled) {
        for (Row row : foundation.rows()) {
            if (row.use() != RowUse.WEFTED) {
                continue;
            }
            int pieces = Math.max(1, (int) Math.round(row.lengthMm() / WEFT_PIECE_MM));
            double grams = WEFT_G_PER_MM * row.lengthMm() / pieces * (isDoubled ? 2 : 1);
            for (int i = 0; i < pieces; i++) {
                double along = (i + 0.5) / pieces * row.lengthMm();
                found.add(new OtherHair.Weft(
                        row.path().spaceAt(along), row.path().chartAt(along), grams / main.gramsPerLoop()));
            }
        }
    }

    private void laid(List<Vec2> area, double depth) {
        for (Vec2 at : squares(area)) {
            found.add(new OtherHair.Laid(scalp.chart().lift(at), at, SQUARE_MM * SQUARE_MM, depth));
        }
    }

    /** The middles of the squares that lie in an area. */
    private static List<Vec2> squares(List<Vec2> area) {
        double x = area.stream().mapToDouble(p -> Math.abs(p.x())).max().orElse(0);
        double front = area.stream().mapToDouble(Vec2::y).max().orElse(0);
        double behind = area.stream().mapToDouble(Vec2::y).min().orElse(0);
        int half = (int) Math.ceil(x / SQUARE_MM);
        List<Vec2> squares = new ArrayList<>();
        for (int line = (int) Math.floor(behind / SQUARE_MM); line * SQUARE_MM < front; line++) {
            for (int column = -half; column < half; column++) {
                Vec2 at = new Vec2((column + 0.5) * SQUARE_MM, (line + 0.5) * SQUARE_MM);
                if (Polygons.contains(area, at)) {
                    squares.add(at);
                }
            }
        }
        return squares;
    }
}
