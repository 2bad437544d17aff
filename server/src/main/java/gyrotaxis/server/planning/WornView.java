package gyrotaxis.server.planning;

import gyrotaxis.core.findings.Finding;
import gyrotaxis.core.hair.Loft;
import gyrotaxis.core.install.Zone;
import gyrotaxis.core.plan.InstallPlan;
import gyrotaxis.core.plan.WearView;
import gyrotaxis.core.wear.Cover;
import gyrotaxis.core.wear.Way;
import gyrotaxis.core.wear.Worn;
import gyrotaxis.server.language.BriefBody;
import gyrotaxis.server.language.Change;
import gyrotaxis.server.shared.Piece;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * A plan as it is worn. The map of cover is a grid of equal squares: {@code percent} of skin that shows in each, line by line
 * from the front and from the client's left, −1 outside the hairline.
 */
public record WornView(
        Way way,
        String words,
        @Nullable @Schema(nullable = true) Integer part,
        @Nullable @Schema(nullable = true) Integer gap,
        double exposedPercent,
        double fullnessPercent,
        List<ZoneCover> zones,
        GridView grid,
        List<GapView> gaps,
        List<SightView> knots,
        List<BareRowView> rows,
        boolean isTooRound,
        boolean hasHump,
        double napeGrams,
        List<FindingView> remarks,
        List<Double> loftByDay) {

    /** What shows of a zone, and how high hair stands over it. */
    public record ZoneCover(Zone zone, String words, double exposedPercent, double depth, double heightMm) {}

    /**
     * The grid; {@code left} and {@code front} are the map's coordinates of its corner, mm.
     *
     * @param meant the cells that are meant to show, by their place in the list
     */
    public record GridView(
            double cellMm,
            int columns,
            int lines,
            double left,
            double front,
            List<Integer> percent,
            List<Integer> meant) {}

    /** A place where skin shows. */
    public record GapView(List<Piece> place, double areaMm2, double exposedPercent, double x, double y) {}

    /** A knot that shows. */
    public record SightView(String station, String why) {}

    /** A row that shows. */
    public record BareRowView(String row, double mm) {}

    private static final double ALL_PERCENT = 100;

    public static WornView of(
            InstallPlan plan, WearView w, List<Finding> findings, BriefBody asked, Change.Writer changes) {
        Cover c = w.cover();
        Worn worn = c.worn();
        return new WornView(
                worn.way(),
                worn.way().words(),
                worn.part().isPresent() ? worn.part().getAsInt() : null,
                worn.gap().isPresent() ? worn.gap().getAsInt() : null,
                Flat.tenth(c.exposed() * ALL_PERCENT),
                Flat.tenth(c.fullness() * ALL_PERCENT),
                Arrays.stream(Zone.values())
                        .map(z -> new ZoneCover(
                                z,
                                z.words(),
                                Flat.tenth(c.exposedByZone().getOrDefault(z, 0.0) * ALL_PERCENT),
                                Flat.tenth(c.depthByZone().getOrDefault(z, 0.0)),
                                Flat.tenth(w.outline().heightMm().getOrDefault(z, 0.0))))
                        .toList(),
                grid(c),
                c.gaps().stream()
                        .map(g -> new GapView(
                                Piece.of(g.place()),
                                Flat.tenth(g.areaMm2()),
                                Flat.tenth(g.exposed() * ALL_PERCENT),
                                Flat.tenth(g.x()),
                                Flat.tenth(g.y())))
                        .toList(),
                w.knots().stream()
                        .map(k -> new SightView(k.station().toString(), k.why()))
                        .toList(),
                w.rowsShowing().stream()
                        .map(r -> new BareRowView(r.row(), Flat.tenth(r.mm())))
                        .toList(),
                w.outline().isTooRound(),
                w.outline().hasHump(),
                Flat.tenth(w.napeGrams()),
                FindingView.of(findings, asked, changes),
                IntStream.rangeClosed(0, Loft.LAST_DAY)
                        .mapToObj(d -> Flat.hundredth(
                                Loft.of(plan.brief().hair().texture()).at(d)))
                        .toList());
    }

    private static GridView grid(Cover c) {
        return new GridView(
                c.grid().cellMm(),
                c.grid().columns(),
                c.grid().lines(),
                c.grid().left(),
                c.grid().front(),
                IntStream.range(0, c.grid().size())
                        .mapToObj(i -> c.grid().isInside(i) ? (int) Math.rint(c.exposedAt(i) * ALL_PERCENT) : -1)
                        .toList(),
                IntStream.range(0, c.grid().size())
                        .filter(i -> c.grid().isInside(i) && c.isBareOnPurpose(i))
                        .boxed()
                        .toList());
    }
}
