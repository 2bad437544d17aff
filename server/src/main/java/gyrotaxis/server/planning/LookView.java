package gyrotaxis.server.planning;

import static gyrotaxis.server.planning.Flat.tenth;

import gyrotaxis.core.geometry.Vec3;
import gyrotaxis.core.hair.HairLine;
import gyrotaxis.core.hair.Texture;
import gyrotaxis.core.install.Hooked;
import gyrotaxis.core.install.OtherHair;
import gyrotaxis.core.install.Station;
import gyrotaxis.core.plan.InstallPlan;
import gyrotaxis.core.wear.Cover;
import gyrotaxis.core.wear.Fall;
import gyrotaxis.core.wear.FallenHair;
import gyrotaxis.core.wear.FallenOther;
import gyrotaxis.core.wear.HairBody;
import gyrotaxis.core.wear.Way;
import gyrotaxis.core.wear.Worn;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * How the hair of a plan lies and hangs, to be drawn: flat lists x, y, z, … in mm in the scalp frame.
 *
 * @param words how it is worn
 * @param seenThrough hair lying so many times over leaves 1/e of the skin to be seen, and so on: what is drawn is as dense as that
 * @param loft volume against that of the first day
 * @param hair the hair of each share, of wefts, and her own that was left out
 * @param laid what lies where it is: a bun, braids that are shown, mesh, the roots of what was left out
 */
record LookView(Way way, String words, double seenThrough, double loft, List<LockView> hair, List<LaidView> laid) {

    /** Whose hair it is. */
    enum Of {
        HOOKED,
        WEFT,
        OWN
    }

    /**
     * Hair rooted at one place, as a band about its middle.
     *
     * @param station where it is hooked; null if it is not
     * @param strands which hairs of the plan it is of: one, or two that are blended
     * @param texture null if it is her own hair
     * @param isDrawn whether it is drawn smooth to a tie
     * @param onHead the first so many points lie on the scalp
     * @param band how wide it spreads at each point, mm
     * @param over how high it lies over the scalp at each point, on hair beneath it, mm
     * @param coversMm what width of scalp it covers once over
     * @param riseMm how much of its length stands up and springs about its root before the line begins
     */
    record LockView(
            Of of,
            @Nullable @Schema(nullable = true) String station,
            List<Integer> strands,
            @Nullable @Schema(nullable = true) Texture texture,
            double curlMm,
            double lengthMm,
            boolean isDrawn,
            int onHead,
            List<Double> line,
            List<Double> band,
            List<Double> over,
            double coversMm,
            double riseMm) {}

    /** A patch that lies where it is, so many times over its area. */
    record LaidView(double x, double y, double z, double areaMm2, double depth) {}

    static LookView of(InstallPlan plan, Worn worn, double day, List<FallenHair> hair, List<FallenOther> others) {
        HairLine main = plan.brief().hair();
        Hooked hooked = plan.hooked();
        List<LockView> locks = new ArrayList<>();
        for (int i = 0; i < hair.size(); i++) {
            Station s = hooked.stations().get(i);
            HairLine line = hooked.hairOf(s);
            List<Integer> strands = Stream.concat(
                            Stream.of(s.strand()), hooked.blendOf(s).stream().boxed())
                    .toList();
            locks.add(lock(
                    Of.HOOKED,
                    s.id().toString(),
                    strands,
                    line,
                    worn,
                    hair.get(i).fall()));
        }
        others.forEach(o -> locks.add(
                o.hair() instanceof OtherHair.LeftOut
                        ? own(worn, o.fall())
                        : lock(Of.WEFT, null, List.of(0), main, worn, o.fall())));
        return new LookView(
                worn.way(),
                worn.words(),
                Cover.KAPPA,
                Flat.hundredth(main.loft().at(day)),
                locks,
                hooked.others().stream().flatMap(LookView::laid).toList());
    }

    private static LockView lock(
            Of of, @Nullable String station, List<Integer> strands, HairLine line, Worn worn, Fall f) {
        return lock(of, station, strands, line.texture(), line.fibre().curlMm(), line.lengthMm(), worn, f);
    }

    private static LockView own(Worn worn, Fall f) {
        return lock(Of.OWN, null, List.of(0), null, 0, lengthMm(f), worn, f);
    }

    private static LockView lock(
            Of of,
            @Nullable String station,
            List<Integer> strands,
            @Nullable Texture texture,
            double curlMm,
            double lengthMm,
            Worn worn,
            Fall f) {
        return new LockView(
                of,
                station,
                strands,
                texture,
                curlMm,
                tenth(lengthMm),
                worn.way().isUp() && f.riseMm() == 0,
                f.onHead(),
                Flat.solid(f.line()),
                f.bandMm().stream().map(Flat::tenth).toList(),
                f.overMm().stream().map(Flat::tenth).toList(),
                tenth(f.coversMm()),
                tenth(f.riseMm()));
    }

    /** What only lies where it is; of hair that was left out the scalp that it grows on. */
    private static Stream<LaidView> laid(OtherHair other) {
        if (other instanceof OtherHair.Laid l) {
            return Stream.of(laid(l.space(), l.areaMm2(), l.depth()));
        }
        return other instanceof OtherHair.LeftOut l
                ? Stream.of(laid(l.space(), l.rootsMm2(), HairBody.OWN_ROOTS))
                : Stream.empty();
    }

    private static LaidView laid(Vec3 at, double areaMm2, double depth) {
        return new LaidView(tenth(at.x()), tenth(at.y()), tenth(at.z()), tenth(areaMm2), depth);
    }

    private static double lengthMm(Fall f) {
        return f.riseMm()
                + IntStream.range(1, f.line().size())
                        .mapToDouble(i -> f.line().get(i).distance(f.line().get(i - 1)))
                        .sum();
    }
}
