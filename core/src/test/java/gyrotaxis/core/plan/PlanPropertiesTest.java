package gyrotaxis.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assumptions.assumeThat;

import gyrotaxis.core.foundation.Foundation;
import gyrotaxis.core.foundation.Row;
import gyrotaxis.core.geometry.Polygons;
import gyrotaxis.core.geometry.Vec2;
import gyrotaxis.core.geometry.Vec3;
import gyrotaxis.core.hair.LoopTally;
import gyrotaxis.core.hair.Share;
import gyrotaxis.core.install.Bearing;
import gyrotaxis.core.install.HairMix;
import gyrotaxis.core.install.Hooked;
import gyrotaxis.core.install.Method;
import gyrotaxis.core.install.OtherHair;
import gyrotaxis.core.install.Role;
import gyrotaxis.core.install.Station;
import gyrotaxis.core.install.StationId;
import gyrotaxis.core.install.WorkStep;
import gyrotaxis.core.install.Zone;
import gyrotaxis.core.row.RowUse;
import gyrotaxis.core.wear.Cover;
import gyrotaxis.core.wear.CoverGrid;
import gyrotaxis.core.wear.FallSimulator;
import gyrotaxis.core.wear.FallenHair;
import gyrotaxis.core.wear.Worn;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What holds for every plan, however it came about. */
class PlanPropertiesTest {
    private static final int USUAL = 40;

    private final Planner planner = new Planner();

    static IntStream seeds() {
        return PlansByChance.seeds(USUAL);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void holds(int seed) {
        Optional<InstallPlan> planned = PlansByChance.plan(planner, seed);
        assumeThat(planned).as("a foundation that can be laid").isPresent();
        InstallPlan plan = planned.get();
        everyShareIsHookedOnceAndWorkedOnce(plan);
        noHairIsLostOrGained(plan);
        whatGoesInWholeIsNotSplit(plan);
        aMixComesToItsParts(plan);
        rowsThatMirrorEachOtherAreHookedAlike(plan);
        whatIsHookedToFallIsHookedTheWayItFalls(plan);
        whatWasChosenIsNoGapAndEverythingCovers(plan);
        moreHairShowsLess(plan);
        aPlainHeadComesOutAsFullAsWished(plan);
    }

    private static void everyShareIsHookedOnceAndWorkedOnce(InstallPlan plan) {
        assertThat(plan.stations()).extracting(Station::id).doesNotHaveDuplicates();
        List<StationId> worked = plan.work().stream()
                .flatMap((WorkStep w) -> w.stations().stream())
                .toList();
        assertThat(worked)
                .doesNotHaveDuplicates()
                .containsExactlyInAnyOrderElementsOf(
                        plan.stations().stream().map(Station::id).toList());
        for (Station s : plan.stations()) {
            Row row = plan.foundation().row(s.id().row()).orElseThrow();
            assertThat(s.alongRowMm()).isBetween(0.0, row.lengthMm() + 0.5);
            assertThat(row.use()).isNotIn(RowUse.SHOWN, RowUse.WEFTED);
        }
    }

    /** Loops opened are enough for the shares, and for each size of share less than one more than that. */
    private static void noHairIsLostOrGained(InstallPlan plan) {
        Hooked h = plan.hooked();
        for (int strand = 0; strand < h.hairs().size(); strand++) {
            int k = strand;
            List<Share> shares = h.stations().stream()
                    .filter(s -> s.strand() == k)
                    .map(Station::share)
                    .toList();
            double placed = shares.stream().mapToDouble(Share::ofLoop).sum();
            LoopTally tally = h.tallies().get(k);
            assertThat(tally.shares()).isEqualTo(shares.size());
            long sizes = shares.stream().distinct().count();
            assertThat((double) tally.loops()).isBetween(placed - 1e-9, placed + sizes);
        }
        double grams = h.stations().stream().mapToDouble(h::gramsOf).sum();
        double byPortions = h.stations().stream()
                .flatMap(s -> h.portionsOf(s).stream())
                .mapToDouble(Hooked.Portion::grams)
                .sum();
        assertThat(grams).isCloseTo(byPortions, within(1e-6));
        WorkSheet sheet = WorkSheetWriter.of(plan);
        assertThat(sheet.steps().stream().mapToDouble(WorkSheet.Step::loops).sum())
                .isCloseTo(
                        h.stations().stream()
                                .mapToDouble(s -> s.share().ofLoop())
                                .sum(),
                        within(1e-6));
    }

    private static void whatGoesInWholeIsNotSplit(InstallPlan plan) {
        for (Station s : plan.stations()) {
            if (plan.hooked().hairOf(s).goesInWhole()) {
                assertThat(s.share()).isEqualTo(Share.WHOLE);
            }
        }
    }

    /** Half asked is half placed, to two in a hundred or to half a share where shares are few. */
    private static void aMixComesToItsParts(InstallPlan plan) {
        HairMix mix = plan.hooked().mix();
        if (mix.others().isEmpty()) {
            return;
        }
        double all = 0;
        double other = 0;
        double largest = 0;
        for (Station s : plan.stations()) {
            all += s.share().ofLoop();
            other += s.strand() == 1 ? s.share().ofLoop() : 0;
            largest = Math.max(largest, s.share().ofLoop());
        }
        double asked = mix.others().get(0).percent();
        assertThat(100 * other / all).isCloseTo(asked, within(Math.max(2, 50 * largest / all)));
    }

    private static void rowsThatMirrorEachOtherAreHookedAlike(InstallPlan plan) {
        Foundation rows = plan.foundation();
        // Where two cross, the one that runs over is hooked once more there.
        Map<Object, List<Station>> byRow = plan.stations().stream()
                .filter(s -> s.role() != Role.CROSSING)
                .collect(Collectors.groupingBy(s -> s.id().row()));
        for (Row row : rows.rows()) {
            Optional<Row> twin = rows.mirrorOf(row);
            if (twin.isEmpty() || !plan.brief().head().regions().isEmpty()) {
                continue;
            }
            List<Station> here = byRow.getOrDefault(row.id(), List.of());
            List<Station> there = byRow.getOrDefault(twin.get().id(), List.of());
            assertThat(here).as(row.id().words()).hasSameSizeAs(there);
            // As mirror images the two rows beside the midline would lie level: there the sides are staggered.
            List<Row> hooked = rows.rowsOf(row.id().section()).stream()
                    .filter(r -> byRow.containsKey(r.id()))
                    .toList();
            boolean isStaggered = hooked.size() % 2 == 0
                    && rows.parts().stream()
                            .noneMatch(p ->
                                    p.isFlankedBy(hooked.get(hooked.size() / 2).id())
                                            && p.isFlankedBy(hooked.get(hooked.size() / 2 - 1)
                                                    .id()));
            for (int i = 0; i < here.size(); i++) {
                assertThat(here.get(i).share()).isEqualTo(there.get(i).share());
                if (!isStaggered) {
                    assertThat(here.get(i)
                                    .chart()
                                    .mirrored()
                                    .distance(there.get(i).chart()))
                            .isLessThan(1e-6);
                    assertThat(here.get(i).role()).isEqualTo(there.get(i).role());
                }
            }
        }
    }

    /** Worn down, no share at the nape or behind points more than 60° away from how its hair falls. */
    private void whatIsHookedToFallIsHookedTheWayItFalls(InstallPlan plan) {
        CoverGrid grid = planner.grid(plan.scalp(), 500);
        Map<StationId, FallenHair> falls =
                FallSimulator.hair(grid, plan.foundation(), plan.hooked(), down(plan), 0).stream()
                        .collect(Collectors.toMap(FallenHair::station, Function.identity()));
        for (Station s : plan.stations()) {
            boolean isBehind = s.zone() == Zone.BACK || s.zone() == Zone.NAPE;
            if (isBehind
                    && s.bearing().rule() == Bearing.Rule.FALL
                    && plan.brief().demand().side() == 0) {
                // As long as it lies on the head: what hangs under the nape goes straight down.
                FallenHair fall = falls.get(s.id());
                List<Vec3> line = fall.line().subList(0, Math.max(2, Math.min(5, fall.onHead())));
                Vec3 way = line.get(line.size() - 1).minus(line.get(0));
                assertThat(way.unit().dot(s.bearing().entry()))
                        .as("cosine at %s", s.id())
                        .isGreaterThan(0.5);
            }
        }
    }

    private static Worn down(InstallPlan plan) {
        return Worn.all(plan.foundation()).get(0);
    }

    /** Left-out hair, wefts, buns, braids and mesh hide what they lie over; rows that are shown are never a gap. */
    private void whatWasChosenIsNoGapAndEverythingCovers(InstallPlan plan) {
        Cover cover = planner.wear(plan, down(plan), 0, 1_500).cover();
        for (OtherHair other : plan.hooked().others()) {
            Vec2 at = other instanceof OtherHair.LeftOut l
                    ? l.chart()
                    : other instanceof OtherHair.Laid l ? l.chart() : ((OtherHair.Weft) other).chart();
            int cell = cover.grid().cellAt(at);
            if (cell >= 0 && cover.grid().isInside(cell)) {
                assertThat(cover.depthAt(cell)).isPositive();
            }
        }
        for (Cover.Gap gap : cover.gaps()) {
            Vec2 at = new Vec2(gap.x(), gap.y());
            assertThat(plan.foundation().rows())
                    .filteredOn(r -> r.use() == RowUse.SHOWN)
                    .noneMatch(r -> r.strips().stream().anyMatch(rim -> Polygons.contains(rim, at)));
        }
    }

    /** A fifth more hair never shows more, whatever the plan. */
    private void moreHairShowsLess(InstallPlan plan) {
        double more = Math.min(1.6, plan.brief().fullness() * 1.2);
        Cover less = planner.wear(plan, down(plan), 0, 1_500).cover();
        Cover full = planner.wear(planner.plan(plan.brief().withFullness(more)), down(plan), 0, 1_500)
                .cover();
        assertThat(full.exposed()).isLessThanOrEqualTo(less.exposed() + 0.007);
        assertThat(full.fullness()).isGreaterThan(less.fullness());
    }

    /**
     * On a medium head it is within a tenth, as the table of the model shows; hair leaves a small head sooner and a large one later.
     * Wefts and leave-out come on top, thin places and set-back edges are spared, and big shares far apart are a choice of their own.
     * More than fourteen rows in front of a small head are so short that the one small share at the hairline is most of what some take.
     */
    private void aPlainHeadComesOutAsFullAsWished(InstallPlan plan) {
        InstallBrief brief = plan.brief();
        boolean isPlain = brief.hooking().method().back() != Method.BackSpacing.BIG_SHARES
                && plan.hooked().others().isEmpty()
                && brief.ownHair().conditions().isEmpty()
                && brief.foundation().rim().setBackMm() == 0
                && brief.foundation().parts().isEmpty()
                && brief.foundation().frontRows() <= 14;
        if (isPlain) {
            double full = planner.wear(plan, down(plan), 0, 1_500).cover().fullness();
            assertThat(full / brief.fullness()).isBetween(0.8, 1.2);
        }
    }
}
