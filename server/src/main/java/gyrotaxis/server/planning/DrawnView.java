package gyrotaxis.server.planning;

import gyrotaxis.core.braiding.Tail;
import gyrotaxis.core.install.Role;
import gyrotaxis.core.install.Zone;
import gyrotaxis.core.knot.Knot;
import gyrotaxis.core.plan.InstallPlan;
import gyrotaxis.core.row.RowUse;
import gyrotaxis.core.row.Section;
import gyrotaxis.core.row.TailEnd;
import gyrotaxis.core.scalp.RegionKind;
import gyrotaxis.server.shared.Piece;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What of a plan is drawn; asked for at every move of a handle.
 *
 * <p>Curves are flat lists x, y, x, y, … in mm, rounded to 0.1 mm: on the map with +x to the client's right and +y toward
 * the forehead; in a view with +x to the viewer's right and +y up. {@code views} is empty in the rough answer to what is
 * still in the hand: there they stay as they were.
 */
public record DrawnView(
        Map map,
        List<Row> rows,
        List<Station> stations,
        List<StationKind> kinds,
        List<Shut> shut,
        List<View> views,
        List<Part> parts,
        List<Gap> gaps,
        List<TailView> tails) {

    /** What is drawn of a plan; without the head from its sides if that is not asked for. */
    public static DrawnView of(InstallPlan plan, boolean withSides) {
        FoundationViews f = new FoundationViews(plan);
        StationViews s = StationViews.of(plan);
        return new DrawnView(
                f.map(),
                f.rows(),
                s.stations(),
                s.kinds(),
                s.shut(),
                withSides ? f.views() : List.of(),
                f.parts(),
                f.gaps(),
                f.tails());
    }

    /** Of the same only what is to be seen where something of it is asked. */
    public DrawnView showing(boolean tailsToo, boolean stationsToo) {
        return new DrawnView(
                map,
                rows,
                stationsToo ? stations : List.of(),
                stationsToo ? kinds : List.of(),
                stationsToo ? shut : List.of(),
                views,
                parts,
                gaps,
                tailsToo ? tails : List.of());
    }

    /** The flat map; {@code left} and {@code right} are what the client's sides are called; {@code cap} is empty where there is none, {@code mesh} holds the rim of each piece. */
    public record Map(
            List<Double> outline,
            List<Double> braidedEdge,
            List<Double> earLine,
            List<Mark> landmarks,
            List<Mark> hairlineGrips,
            List<RegionView> regions,
            List<CrossingView> crossings,
            List<Double> cap,
            List<List<Double>> mesh,
            String left,
            String right) {}

    /** A landmark on the map. */
    public record Mark(String name, String words, double x, double y) {}

    /** A region; {@code index} is its place in the brief, from 0. */
    public record RegionView(
            int index, RegionKind kind, String kindWords, String name, List<Piece> place, List<Double> rim) {}

    /** Where one row runs over another. */
    public record CrossingView(String over, String under, double x, double y) {}

    /**
     * A row; {@code takesTail} is how a tail that is sent into it goes in, null where it takes none, and {@code order} is the number of the step in which it is braided.
     */
    public record Row(
            String id,
            String words,
            Section section,
            RowUse use,
            boolean movesSideways,
            @Nullable @Schema(nullable = true) TailEnd takesTail,
            double lengthMm,
            double stripWidthMm,
            double braidWidthMm,
            @Nullable @Schema(nullable = true) String joins,
            int stations,
            int order,
            double gramsPerCm,
            double limitGramsPerCm,
            double pullShare,
            List<Piece> place,
            List<Double> path) {}

    /**
     * A station; {@code gapMm} is centre to centre from the one before it on its row, null for the first, and
     * {@code clearMm} the same less the width of a seated share. {@code towardX} and {@code towardY} are the unit direction on
     * the map in which the hook goes in; {@code kind} is a place in the list of kinds.
     */
    public record Station(
            String id,
            String row,
            double x,
            double y,
            double alongMm,
            double at,
            @Nullable @Schema(nullable = true) Double gapMm,
            @Nullable @Schema(nullable = true) Double clearMm,
            int kind,
            double towardX,
            double towardY,
            boolean byHand) {}

    /** The hair of a knot that is drawn over a gap: from its knot to where it falls from. */
    public record Shut(double x, double y, double toX, double toY) {}

    /**
     * All that is alike for many stations, told once; {@code blendColour} is the colour of the other half of a share that is
     * blended, {@code legPercent} of the fibre goes through, and {@code decidedBy} are the questions of the method that decided.
     */
    public record StationKind(
            Zone zone,
            String zoneWords,
            Role role,
            String roleWords,
            int shareParts,
            String shareWords,
            int strand,
            String colour,
            @Nullable @Schema(nullable = true) String blendColour,
            Knot knot,
            String tieWords,
            int passes,
            boolean hasPasses,
            int legPercent,
            String legWords,
            List<String> extraHolds,
            String bearingWords,
            String bearingWhy,
            boolean isContested,
            List<String> decidedBy,
            HoldView hold) {}

    /** How well it holds: 1 just lasts. */
    public record HoldView(double score, boolean lasts, List<HoldFactor> factors) {}

    /** One reason for it. */
    public record HoldFactor(String words, double factor) {}

    /**
     * A wearing part, numbered from the client's left; {@code index} is its place in the brief, from 0, and {@code channel}
     * tells by turns how far back, mm, and how wide, mm.
     */
    public record Part(
            int number,
            int index,
            double lengthMm,
            double openMm,
            double narrowestMm,
            double meanMm,
            List<Double> channel,
            boolean isOpen,
            String leftRow,
            String rightRow,
            List<Double> path) {}

    /** The scalp between neighbouring front rows: how far a part could run there before what stops it, and how wide. */
    public record Gap(
            String leftRow,
            String rightRow,
            double openMm,
            double narrowestMm,
            double meanMm,
            boolean readsAsSkin,
            @Nullable @Schema(nullable = true) String stoppedBy,
            List<Double> path) {}

    /** Where a row's free end goes; {@code thread} is empty where it enters no row. */
    public record TailView(
            String row,
            TailEnd end,
            String endWords,
            @Nullable @Schema(nullable = true) String into,
            double entryMm,
            double at,
            double bulk,
            Tail.Origin origin,
            List<Double> thread,
            List<List<Double>> halves) {}

    /** The head seen from one side. */
    public record View(
            String from,
            String words,
            List<Double> rim,
            List<List<Double>> hairline,
            List<ViewRow> rows,
            List<Double> stations) {}

    /** What of a row is in sight. */
    public record ViewRow(String id, double braidWidthMm, List<List<Double>> pieces) {}
}
