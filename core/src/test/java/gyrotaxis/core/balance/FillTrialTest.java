package gyrotaxis.core.balance;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import gyrotaxis.core.balance.Fills.Fill;
import gyrotaxis.core.balance.Fills.Kind;
import gyrotaxis.core.balance.Fills.Trial;
import gyrotaxis.core.foundation.Back;
import gyrotaxis.core.foundation.FlankSchool;
import gyrotaxis.core.foundation.FoundationBrief;
import gyrotaxis.core.foundation.WearingPart;
import gyrotaxis.core.geometry.Polygons;
import gyrotaxis.core.geometry.Vec2;
import gyrotaxis.core.hair.Share;
import gyrotaxis.core.hair.Texture;
import gyrotaxis.core.hooking.HookedHeads;
import gyrotaxis.core.install.Method;
import gyrotaxis.core.install.Role;
import gyrotaxis.core.install.SeatedShare;
import gyrotaxis.core.install.StationEdit;
import gyrotaxis.core.knot.Knot;
import gyrotaxis.core.plan.Consultation;
import gyrotaxis.core.plan.InstallBrief;
import gyrotaxis.core.plan.InstallPlan;
import gyrotaxis.core.plan.Planner;
import gyrotaxis.core.plan.PlansByChance;
import gyrotaxis.core.scalp.HeadMeasures;
import gyrotaxis.core.scalp.Region;
import gyrotaxis.core.scalp.RegionKind;
import gyrotaxis.core.scalp.ScalpPoint;
import gyrotaxis.core.wear.Way;
import gyrotaxis.testing.Each;
import java.util.List;
import java.util.Set;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/** The reserve goes where trials show something. */
class FillTrialTest {
    private final Planner planner = new Planner();

    /** Two parts, and half the usual hair, so that there is something to fill. */
    private static InstallBrief thin(Texture texture) {
        return InstallBrief.of(
                        HeadMeasures.ofAll(565, 360, 330, 317, 370, 125),
                        FoundationBrief.of(14, 6, 12)
                                .withParts(
                                        List.of(WearingPart.straight(-40), WearingPart.straight(40)),
                                        FlankSchool.FINE_ROWS),
                        HookedHeads.hair(texture))
                .withFullness(0.5);
    }

    @ParameterizedTest
    @EnumSource(
            value = Texture.class,
            names = {"COARSE_KINKY", "DEEP_WAVE", "SILKY_WAVE"})
    void everyPartIsTriedAndNoTrialShowsMoreAfterwards(Texture texture) {
        InstallPlan plan = planner.plan(thin(texture));
        Fills fills = FillTrial.of(planner, plan);
        assertThat(fills.trials()).hasSize(2);
        Each.of(fills.trials()).allSatisfy(t -> assertThat(t.exposedAfter()).isLessThan(t.exposedBefore()));
        // A large gap may be left as several small ones; all of them together are smaller.
        for (int t = 0; t < fills.trials().size(); t++) {
            int trial = t;
            double before =
                    planner.wear(plan, fills.trials().get(t).worn(), 0, FillTrial.SAMPLES).cover().gaps().stream()
                            .mapToDouble(g -> g.areaMm2())
                            .sum();
            double after = fills.left().stream()
                    .filter(l -> l.trial() == trial)
                    .mapToDouble(l -> l.gap().areaMm2())
                    .sum();
            assertThat(after).isLessThanOrEqualTo(before);
        }
        assertThat(fills.count(Kind.FILL)).isPositive();
        assertThat(fills.loops()).isLessThanOrEqualTo(fills.reserveLoops());
    }

    /** Every half hides at least as much as the one after it: the best places come first, unless gaps are rather drawn shut. */
    @Test
    void aLargerReserveOnlyAddsToTheFillsOfASmaller() {
        int tried = 0;
        for (double fullness : new double[] {0.5, 0.55, 0.6, 0.65, 0.7}) {
            InstallBrief brief = thin(Texture.SILKY_WAVE).withFullness(fullness);
            List<Fill> few = fillsWith(brief, 3);
            List<Fill> many = fillsWith(brief, 20);
            if (isThrownOnly(few) && isThrownOnly(many)) {
                // Where three loops close all gaps, more are left in the pack.
                tried += many.size() > few.size() ? 1 : 0;
                assertThat(many.subList(0, few.size())).isEqualTo(few);
            }
            assertThat(fillsWith(brief, 0)).isEmpty();
        }
        assertThat(tried).isGreaterThanOrEqualTo(2);
    }

    private static boolean isThrownOnly(List<Fill> fills) {
        return fills.stream().allMatch(f -> f.kind() == Kind.FILL);
    }

    private List<Fill> fillsWith(InstallBrief brief, int reserve) {
        Method usual = brief.hooking().method();
        Method keeping = usual.on(usual.terms().keepingBack(reserve));
        InstallBrief by = brief.withHooking(brief.hooking().by(keeping));
        return FillTrial.of(planner, planner.plan(by)).fills().stream()
                .filter(f -> f.kind() != Kind.WISP)
                .toList();
    }

    @Test
    void knotsThatShowGetAWispEach() {
        InstallBrief usual = thin(Texture.DEEP_WAVE)
                .withConsultation(Consultation.plain().wornAs(Set.of(Way.DOWN, Way.HIGH_PONYTAIL, Way.WIND)));
        InstallPlan hidden = planner.plan(usual);
        // Hooked the usual way no knot shows; these three are tied plainly beside a part.
        List<StationEdit> plain = hidden.stations().stream()
                .filter(s -> s.role() == Role.PART)
                .limit(3)
                .<StationEdit>map(s -> new StationEdit.Retie(
                        s.id().row(),
                        s.alongRowMm()
                                / hidden.foundation()
                                        .row(s.id().row())
                                        .orElseThrow()
                                        .lengthMm(),
                        Knot.REGULAR))
                .toList();
        Fills fills = FillTrial.of(
                planner, planner.plan(usual.withHooking(usual.hooking().withEdits(plain))));
        assertThat(fills.trials()).extracting(t -> t.worn().way()).contains(Way.HIGH_PONYTAIL, Way.WIND);
        assertThat(fills.fills())
                .filteredOn(f -> f.kind() == Kind.WISP)
                .isNotEmpty()
                .allSatisfy(f -> assertThat(f.share()).isEqualTo(new Share(8)))
                .allSatisfy(f -> assertThat(f.why()).asString().startsWith("hides a "));
        assertThat(fills.loops()).isLessThanOrEqualTo(fills.reserveLoops());
    }

    @Test
    void thinPlacesGetNoFurtherWeight() {
        Region thin = new Region(
                RegionKind.THIN,
                "crown",
                IntStream.range(0, 8)
                        .mapToObj(k -> new ScalpPoint(k * Math.PI / 4 - Math.PI, 0.3))
                        .toList());
        InstallBrief brief = thin(Texture.SILKY_WAVE);
        InstallPlan plan = planner.plan(brief.withHead(brief.head().withRegions(List.of(thin))));
        List<Vec2> rim = plan.scalp().chartOf(thin);
        Fills fills = FillTrial.of(planner, plan);
        assertThat(fills.fills()).isNotEmpty();
        assertThat(fills.fills())
                .filteredOn(f -> f.kind() == Kind.FILL)
                .isNotEmpty()
                .noneMatch(f -> Polygons.contains(rim, f.chart()));
    }

    static IntStream seeds() {
        return PlansByChance.seeds(20);
    }

    /** A head, rows, parts and hair by chance. */
    private static InstallBrief byChance(int seed) {
        SplittableRandom r = new SplittableRandom(seed);
        int front = 2 * r.nextInt(4, 10);
        Back back = switch (r.nextInt(5)) {
            case 0 -> new Back.Switchback(r.nextInt(3, 7), r.nextBoolean(), Back.FrontTails.THREADED);
            case 1 -> new Back.CrossTied();
            case 2 -> new Back.Spiral(r.nextInt(16, 34));
            default -> new Back.Straight(Math.max(2, r.nextInt(front / 3, front + 1)));
        };
        FoundationBrief rows = FoundationBrief.of(front, back, 12);
        if (!(back instanceof Back.Spiral) && r.nextBoolean()) {
            rows = rows.withParts(List.of(WearingPart.straight(r.nextInt(-30, 31))), FlankSchool.FINE_ROWS);
        }
        return InstallBrief.of(
                        HeadMeasures.ofAll(565, 360, 330, 317, 370, 125),
                        rows,
                        HookedHeads.hair(Texture.values()[r.nextInt(Texture.values().length)]))
                .withFullness(0.5 + 0.7 * r.nextDouble());
    }

    /** After the fills no gap is left while reserve is left, or it is said which and why; and how many loops would do. */
    @ParameterizedTest
    @MethodSource("seeds")
    void whateverGapIsLeftIsSaidWithWhatKeepsItOpen(int seed) {
        InstallBrief brief = byChance(seed);
        InstallPlan plan = planner.plan(brief);
        Fills fills = FillTrial.of(planner, plan);
        InstallPlan filled = planner.plan(fills.hookedInto(brief));
        int gaps = fills.trials().stream()
                .mapToInt(t -> planner.wear(filled, t.worn(), 0, FillTrial.SAMPLES)
                        .cover()
                        .gaps()
                        .size())
                .sum();
        assertThat(fills.left()).hasSize(gaps);
        int before = fills.trials().stream()
                .mapToInt(t -> planner.wear(plan, t.worn(), 0, FillTrial.SAMPLES)
                        .cover()
                        .gaps()
                        .size())
                .sum();
        assertThat(fills.fills().isEmpty())
                .as("nothing is filled only where nothing gapes")
                .isEqualTo(before == 0);
        if (fills.wouldDoLoops().isPresent()) {
            assertThat(fills.wouldDoLoops().getAsInt()).isGreaterThan(fills.reserveLoops());
            assertThat(fills.left()).isNotEmpty();
        } else if (fills.loops() < fills.reserveLoops()) {
            assertThat(fills.left()).noneMatch(l -> l.why().toString().contains("reserve"));
        }
        assertThat(fills.loops()).isLessThanOrEqualTo(fills.reserveLoops());
    }

    /** A half would not seat on a knot that is there already. */
    @ParameterizedTest
    @EnumSource(
            value = Texture.class,
            names = {"COARSE_KINKY", "DEEP_WAVE", "SILKY_WAVE"})
    void fillsKeepClearOfTheKnotsThatAreThere(Texture texture) {
        InstallPlan plan = planner.plan(thin(texture));
        Fills fills = FillTrial.of(planner, plan);
        assertThat(fills.count(Kind.FILL)).isPositive();
        for (Fill f : fills.fills()) {
            if (f.kind() == Kind.FILL) {
                double along =
                        f.at() * plan.foundation().row(f.row()).orElseThrow().lengthMm();
                double half = SeatedShare.widthMm(plan.brief().hair(), f.share()) / 2;
                assertThat(plan.stations())
                        .filteredOn(s -> s.id().row().equals(f.row()))
                        .isNotEmpty()
                        .allSatisfy(s -> assertThat(Math.abs(s.alongRowMm() - along))
                                .isGreaterThanOrEqualTo(
                                        half + SeatedShare.widthMm(plan.brief().hair(), s.share()) / 2 - 1e-9));
            }
        }
    }

    @Test
    void hookedInTheyAreSharesByHandAndHideWhatWasPromised() {
        InstallBrief brief = thin(Texture.DEEP_WAVE);
        InstallPlan plan = planner.plan(brief);
        Fills fills = FillTrial.of(planner, plan);
        InstallPlan filled = planner.plan(fills.hookedInto(brief));
        assertThat(filled.stations())
                .hasSize(plan.stations().size() + fills.fills().size());
        assertThat(filled.stations().stream().filter(s -> s.byHand()))
                .hasSize(fills.fills().size());
        Trial promised = fills.trials().get(0);
        double now = planner.wear(filled, promised.worn(), 0, FillTrial.SAMPLES)
                .cover()
                .exposed();
        assertThat(now).isLessThanOrEqualTo(promised.exposedAfter() + 0.002);
    }

    /** Where the reserve does not do, knots are drawn together; hooked in, that closes what was promised. */
    @ParameterizedTest
    @ValueSource(ints = {34, 163})
    void whatTheReserveDoesNotCloseIsDrawnShut(int seed) {
        InstallBrief brief = byChance(seed);
        InstallPlan plan = planner.plan(brief);
        Fills fills = FillTrial.of(planner, plan);
        List<Fill> drawn =
                fills.fills().stream().filter(f -> f.kind() == Kind.DRAWN_SHUT).toList();
        assertThat(drawn).isNotEmpty().allSatisfy(f -> {
            assertThat(f.through()).isPresent();
            assertThat(f.share()).isEqualTo(new Share(4));
            assertThat(f.why()).asString().contains("drawn together, closes");
        });
        InstallPlan filled = planner.plan(fills.hookedInto(brief));
        assertThat(filled.hooked().lost()).isEmpty();
        assertThat(filled.stations().stream().filter(s -> s.drawnTo().isPresent()))
                .hasSize(3 * drawn.size());
        Trial promised = fills.trials().get(0);
        assertThat(planner.wear(filled, promised.worn(), 0, FillTrial.SAMPLES)
                        .cover()
                        .exposed())
                .isCloseTo(promised.exposedAfter(), within(0.002));
    }

    @Test
    void aHeadThatShowsNothingKeepsItsReserve() {
        InstallBrief full = thin(Texture.COARSE_KINKY).withFullness(1.6);
        Fills fills = FillTrial.of(planner, planner.plan(full));
        assertThat(fills.reserveLoops()).isPositive();
        assertThat(fills.count(Kind.FILL)).isZero();
    }
}
