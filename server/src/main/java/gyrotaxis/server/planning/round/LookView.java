package gyrotaxis.server.planning.round;

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
import gyrotaxis.core.wear.Worn;
import gyrotaxis.server.planning.Flat;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * How the hair of a plan lies and hangs, to be drawn: flat lists x, y, z, … in mm in the scalp frame.
 *
 * @param words how it is worn
 * @param seenThrough hair lying so many times over leaves 1/e of the skin to be seen, and so on: what is drawn is as dense as that
 * @param loft volume against that of the first day
 * @param colours the colour of each hair of the plan, by which strands are told
 * @param hair the hair of each share, of wefts, and her own that was left out
 * @param laid what lies where it is: a bun, braids that are shown, mesh, the roots of what was left out
 */
public record LookView(
        String words, double seenThrough, double loft, List<String> colours, List<LockView> hair, List<LaidView> laid) {

    /**
     * Hair rooted at one place, as a band about its middle.
     *
     * @param strands which hairs of the plan it is of: one, or two that are blended; none if it is her own
     * @param texture null if it is her own hair
     * @param isDrawn whether it is drawn smooth to a tie
     * @param onHead the first so many points lie on the scalp
     * @param band how wide it spreads at each point, mm
     * @param over how high it lies over the scalp at each point, on hair beneath it, mm
     * @param coversMm what width of scalp it covers once over
     * @param riseMm how much of its length stands up and springs about its root before the line begins
     */
    public record LockView(
            List<Integer> strands,
            @Nullable @Schema(nullable = true) Texture texture,
            double curlMm,
            boolean isDrawn,
            int onHead,
            List<Double> line,
            List<Double> band,
            List<Double> over,
            double coversMm,
            double riseMm) {}

    /** A patch that lies where it is, so many times over its area. */
    public record LaidView(double x, double y, double z, double areaMm2, double depth) {}

    /**
     * A plan as it is worn.
     *
     * @param day days after the install
     * @param hair of each station, in their order
     * @param others wefts, and what was left out
     */
    public static LookView of(
            InstallPlan plan, Worn worn, double day, List<FallenHair> hair, List<FallenOther> others) {
        HairLine main = plan.brief().hair();
        Hooked hooked = plan.hooked();
        List<LockView> locks = new ArrayList<>();
        for (int i = 0; i < hair.size(); i++) {
            Station s = hooked.stations().get(i);
            List<Integer> strands = Stream.concat(
                            Stream.of(s.strand()), hooked.blendOf(s).stream().boxed())
                    .toList();
            locks.add(lock(strands, hooked.hairOf(s), hair.get(i).fall()));
        }
        others.forEach(o -> locks.add(
                o.hair() instanceof OtherHair.LeftOut
                        ? lock(List.of(), null, 0, o.fall())
                        : lock(List.of(0), main, o.fall())));
        return new LookView(
                worn.words(),
                Cover.KAPPA,
                Flat.hundredth(main.loft().at(day)),
                hooked.hairs().stream().map(h -> h.colour()).toList(),
                locks,
                hooked.others().stream().flatMap(LookView::laid).toList());
    }

    private static LockView lock(List<Integer> strands, HairLine line, Fall f) {
        return lock(strands, line.texture(), line.fibre().curlMm(), f);
    }

    private static LockView lock(List<Integer> strands, @Nullable Texture texture, double curlMm, Fall f) {
        return new LockView(
                strands,
                texture,
                curlMm,
                f.isDrawn(),
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
}
