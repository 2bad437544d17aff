package gyrotaxis.core.foundation;

import gyrotaxis.core.quantity.Interval;
import gyrotaxis.core.quantity.Require;
import gyrotaxis.core.row.RowEdit;
import gyrotaxis.core.row.RowId;
import gyrotaxis.core.row.Section;
import java.util.List;

/**
 * What is asked of a foundation.
 *
 * @param frontRows rows from the front hairline to the section line, in {@link #FRONT_ROWS}
 * @param back how the scalp behind the section line is braided
 * @param joins how many front rows join each straight row behind, from the client's left; empty if as equally as the numbers allow,
 *     outer rows first. Where it does not come to the rows there are, they join as usual, and that is said
 * @param earLineBehindMm how far behind the ear notch the ear line ends at the sides, mm, in {@link #EAR_LINE_MM}; negative
 *     is in front
 * @param earLineLeanMm how much further back than at the sides it runs over the top, mm, in {@link #LEAN_MM}
 * @param parts the parts she will show, at most {@link #MAX_PARTS}, in the order they were asked for
 * @param flanks how the rows beside parts are braided
 * @param rim what happens at the hairline
 * @param overlaysMm crosswise rows over the ends of the front rows: how far behind the ear line each runs over the top, mm,
 *     in {@link #OVERLAY_MM}, growing; at most {@link #MAX_OVERLAYS}
 * @param meshesGaps whether pieces of mesh are sewn where rows change direction or cross, to give more places to hook
 * @param feedsFibre whether a little extension fibre is fed into the rows
 * @param edits changes to single rows, in the order they were made
 * @param tails where tails go by choice; others are suggested
 */
public record FoundationBrief(
        int frontRows,
        Back back,
        List<Integer> joins,
        double earLineBehindMm,
        double earLineLeanMm,
        List<WearingPart> parts,
        FlankSchool flanks,
        RimBrief rim,
        List<Double> overlaysMm,
        boolean meshesGaps,
        boolean feedsFibre,
        List<RowEdit> edits,
        List<TailChoice> tails) {
    /** Fewer rows than 6 hold no full install; more than 20 are thinner than fingers can part. */
    public static final Interval FRONT_ROWS = new Interval(6, 20);

    /** More parts than these leave no rows between them. */
    public static final int MAX_PARTS = 5;

    /** A third would leave no rows between them. */
    public static final int MAX_OVERLAYS = 2;

    /** Three for each of the most rows in front. */
    public static final int MAX_EDITS = 60;

    /** As many as there can be rows: with a line of individuals all round, a choice for each of them is a hundred and more. */
    public static final int MAX_TAILS = Section.values().length * RowId.MAX;

    /** From in front of the ear to well behind it. */
    public static final Interval EAR_LINE_MM = new Interval(-20, 30);

    public static final Interval LEAN_MM = new Interval(-30, 40);
    public static final Interval OVERLAY_MM = new Interval(0, 70);

    /** Where overlays are laid unless somebody moves them, mm behind the ear line. ASSUMPTION: over the crown. */
    public static final List<Double> USUAL_OVERLAYS_MM = List.of(30.0, 64.0);

    public FoundationBrief {
        Require.inRange(frontRows, (int) FRONT_ROWS.min(), (int) FRONT_ROWS.max(), "frontRows", "");
        if (rowsOf(back) > frontRows) {
            throw new IllegalArgumentException("backRows is " + rowsOf(back) + " but must be in [" + Back.MIN_ROWS
                    + ", " + frontRows + "]: rows join at the ear line, they never divide");
        }
        joins = List.copyOf(joins);
        Require.inRange(joins.size(), 0, (int) FRONT_ROWS.max(), "joins", "");
        joins.forEach(n -> Require.inRange(n, 0, (int) FRONT_ROWS.max(), "joins", ""));
        Require.inRange(earLineBehindMm, EAR_LINE_MM.min(), EAR_LINE_MM.max(), "earLineBehindMm", "mm");
        Require.inRange(earLineLeanMm, LEAN_MM.min(), LEAN_MM.max(), "earLineLeanMm", "mm");
        parts = List.copyOf(parts);
        Require.inRange(parts.size(), 0, MAX_PARTS, "parts", "");
        overlaysMm = List.copyOf(overlaysMm);
        Require.inRange(overlaysMm.size(), 0, MAX_OVERLAYS, "overlays", "");
        overlaysMm.forEach(mm -> Require.inRange(mm, OVERLAY_MM.min(), OVERLAY_MM.max(), "overlaysMm", "mm"));
        edits = List.copyOf(edits);
        Require.inRange(edits.size(), 0, MAX_EDITS, "edits", "");
        tails = List.copyOf(tails);
        Require.inRange(tails.size(), 0, MAX_TAILS, "tails", "");
    }

    /** Straight rows with nothing special to them. */
    public static FoundationBrief of(int frontRows, int backRows, double earLineBehindMm) {
        return of(frontRows, new Back.Straight(backRows), earLineBehindMm);
    }

    /** A family with nothing special to it. */
    public static FoundationBrief of(int frontRows, Back back, double earLineBehindMm) {
        return new FoundationBrief(
                frontRows,
                back,
                List.of(),
                earLineBehindMm,
                0,
                List.of(),
                FlankSchool.FINE_ROWS,
                RimBrief.plain(),
                List.of(),
                false,
                false,
                List.of(),
                List.of());
    }

    /** How many straight rows a family has behind; 0 for families without. */
    public static int rowsOf(Back back) {
        if (back instanceof Back.Straight s) {
            return s.rows();
        }
        return back instanceof Back.Capped c ? c.rows() : 0;
    }

    /** The same with another number of front rows; rows behind are kept as far as they still fit. */
    public FoundationBrief withFrontRows(int rows) {
        Back fitting = back;
        if (back instanceof Back.Straight s) {
            fitting = new Back.Straight(Math.min(s.rows(), rows));
        } else if (back instanceof Back.Capped c) {
            fitting = c.over(Math.min(c.rows(), rows));
        }
        return copy(rows, fitting, List.of(), parts, flanks, rim, overlaysMm, edits, tails);
    }

    /** The same with another back. */
    public FoundationBrief withBack(Back other) {
        return copy(frontRows, other, List.of(), parts, flanks, rim, overlaysMm, edits, tails);
    }

    /**
     * The same braided after another family, with what that family cannot carry left away: parts and overlays where it has no
     * front, and changes to single rows and tails, which belong to the rows of the other.
     */
    public FoundationBrief braidedAs(Back other) {
        boolean carries = other.family().hasFront();
        return copy(
                frontRows,
                other,
                List.of(),
                carries ? parts : List.of(),
                flanks,
                rim,
                carries ? overlaysMm : List.of(),
                List.of(),
                List.of());
    }

    /** The same with straight rows behind, as many as said. */
    public FoundationBrief withBackRows(int rows) {
        return withBack(back instanceof Back.Capped c ? c.over(rows) : new Back.Straight(rows));
    }

    /** The same with so many front rows joining each row behind. */
    public FoundationBrief joining(List<Integer> sizes) {
        return copy(frontRows, back, sizes, parts, flanks, rim, overlaysMm, edits, tails);
    }

    /** The same with other parts. */
    public FoundationBrief withParts(List<WearingPart> other, FlankSchool school) {
        return copy(frontRows, back, joins, other, school, rim, overlaysMm, edits, tails);
    }

    /** The same with another rim. */
    public FoundationBrief withRim(RimBrief other) {
        return copy(frontRows, back, joins, parts, flanks, other, overlaysMm, edits, tails);
    }

    /** The same with other overlays. */
    public FoundationBrief withOverlays(List<Double> mm) {
        return copy(frontRows, back, joins, parts, flanks, rim, mm, edits, tails);
    }

    /** The same with other edits. */
    public FoundationBrief withEdits(List<RowEdit> other) {
        return copy(frontRows, back, joins, parts, flanks, rim, overlaysMm, other, tails);
    }

    /** The same with other tails. */
    public FoundationBrief withTails(List<TailChoice> other) {
        return copy(frontRows, back, joins, parts, flanks, rim, overlaysMm, edits, other);
    }

    /** The same with or without fibre fed into the rows. */
    public FoundationBrief withFibreFed(boolean fed) {
        return with(meshesGaps, fed);
    }

    /** The same with or without mesh sewn over gaps. */
    public FoundationBrief withMesh(boolean over) {
        return with(over, feedsFibre);
    }

    private FoundationBrief with(boolean mesh, boolean fibre) {
        return new FoundationBrief(
                frontRows,
                back,
                joins,
                earLineBehindMm,
                earLineLeanMm,
                parts,
                flanks,
                rim,
                overlaysMm,
                mesh,
                fibre,
                edits,
                tails);
    }

    private FoundationBrief copy(
            int rows,
            Back b,
            List<Integer> j,
            List<WearingPart> p,
            FlankSchool f,
            RimBrief r,
            List<Double> o,
            List<RowEdit> e,
            List<TailChoice> t) {
        return new FoundationBrief(
                rows, b, j, earLineBehindMm, earLineLeanMm, p, f, r, o, meshesGaps, feedsFibre, e, t);
    }
}
