package gyrotaxis.core.compare;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import gyrotaxis.core.compare.Comparison.Better;
import gyrotaxis.core.compare.Comparison.Figure;
import gyrotaxis.core.compare.Comparison.Kind;
import gyrotaxis.core.compare.HookingComparison.Choice;
import gyrotaxis.core.foundation.FoundationBrief;
import gyrotaxis.core.hair.HairLine;
import gyrotaxis.core.hair.Share;
import gyrotaxis.core.hair.Texture;
import gyrotaxis.core.hooking.HookedHeads;
import gyrotaxis.core.install.Zone;
import gyrotaxis.core.plan.InstallBrief;
import gyrotaxis.core.plan.InstallPlan;
import gyrotaxis.core.plan.Planner;
import gyrotaxis.core.plan.WearView;
import gyrotaxis.core.quantity.Money;
import gyrotaxis.core.quantity.Sentence;
import gyrotaxis.core.scalp.HeadMeasures;
import gyrotaxis.core.wear.Way;
import gyrotaxis.core.wear.Worn;
import gyrotaxis.testing.Each;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** What two plans differ in: what was chosen, what is hooked, how it looks. */
class HookingComparisonTest {
    private static final InstallBrief BRIEF = InstallBrief.of(
            HeadMeasures.ofAll(565, 360, 330, 317, 370, 125),
            FoundationBrief.of(14, 6, 12),
            HookedHeads.hair(Texture.DEEP_WAVE));

    private final Planner planner = new Planner();

    private List<InstallPlan> plans(InstallBrief other) {
        return List.of(planner.plan(BRIEF), planner.plan(other));
    }

    private List<Choice> differing(InstallBrief other) {
        return HookingComparison.choices(plans(other)).stream()
                .filter(Choice::differs)
                .toList();
    }

    private static Figure figure(List<Figure> all, String what) {
        return all.stream().filter(f -> f.what().equals(what)).findFirst().orElseThrow();
    }

    @Test
    void equalPlansDifferInNothing() {
        List<InstallPlan> twice = plans(BRIEF);
        assertThat(HookingComparison.choices(twice)).noneMatch(Choice::differs);
        assertThat(HookingComparison.figures(twice)).noneMatch(Figure::differs);
        assertThat(Comparison.of(twice, List.of(2, 2))).noneMatch(Figure::differs);
    }

    /** The numbers that a pattern finds in its first group, added. */
    private static double sum(List<Sentence> steps, String pattern) {
        return steps.stream()
                .flatMap(s -> Pattern.compile(pattern).matcher(s.toString()).results())
                .mapToDouble(m -> Double.parseDouble(m.group(1)))
                .sum();
    }

    /** A figure is told either of each plan alone or here, and what is told here adds up to it. */
    @Test
    void everyFigureTellsHowItComesAbout() {
        List<InstallPlan> plans = plans(BRIEF.withFullness(1.3));
        List<WearView> seen = plans.stream()
                .map(p -> planner.wear(p, Worn.as(Way.HIGH_PONYTAIL)))
                .toList();
        List<Figure> all = new ArrayList<>(Comparison.of(plans, List.of(2, 3)));
        all.addAll(HookingComparison.figures(plans));
        all.addAll(HookingComparison.worn(seen));
        Each.of(all).allSatisfy(f -> {
            if (f.reckoned().isEmpty()) {
                assertThat(f.why()).hasSameSizeAs(plans).noneMatch(List::isEmpty);
            }
        });
        for (int i = 0; i < plans.size(); i++) {
            InstallPlan plan = plans.get(i);
            assertThat(sum(figure(all, "rows in all").why().get(i), ": (\\d+)\\."))
                    .isEqualTo(plan.foundation().rows().size());
            assertThat(sum(figure(all, "braided length").why().get(i), ", (\\S+) cm\\."))
                    .isCloseTo(plan.foundation().lengthMm() / 10, within(0.5));
            assertThat(figure(all, "updos it carries").why().get(i))
                    .filteredOn(s -> s.toString().contains("It is carried"))
                    .hasSize(figure(all, "updos it carries").values().get(i).intValue());
            assertThat(figure(all, "gaps wide enough for a part").why().get(i))
                    .filteredOn(s -> s.toString().contains("enough."))
                    .hasSize(figure(all, "gaps wide enough for a part")
                            .values()
                            .get(i)
                            .intValue());
            assertThat(sum(figure(all, "asked of the client").why().get(i), ": (\\S+) EUR"))
                    .isCloseTo(figure(all, "asked of the client").values().get(i) / 100, within(0.001));
            for (Zone zone : Zone.values()) {
                assertThat(sum(figure(all, zone.words() + ", loops").why().get(i), "^(\\d+) ×"))
                        .isEqualTo(plan.stations().stream()
                                .filter(s -> s.zone() == zone)
                                .count());
            }
            assertThat(sum(figure(all, "knots that show").why().get(i), "^(\\d+) ×"))
                    .isEqualTo(figure(all, "knots that show").values().get(i));
            assertThat(sum(figure(all, "knots that would slip").why().get(i), "^(\\d+) ×"))
                    .isEqualTo(figure(all, "knots that would slip").values().get(i));
        }
    }

    @Test
    void onlyWhatWasChosenOtherwiseIsNamed() {
        assertThat(differing(BRIEF.withFullness(1.3)))
                .filteredOn(c -> !c.what().equals("knots"))
                .singleElement()
                .satisfies(c -> assertThat(c.what()).isEqualTo("wished fullness"))
                .satisfies(c -> assertThat(c.words()).containsExactly("100 %", "130 %"));
        assertThat(differing(BRIEF.withHooking(BRIEF.hooking().taking(Zone.NAPE, Share.THIRD))))
                .extracting(Choice::what)
                .contains("nape, each takes")
                .doesNotContain("front, each takes", "hair", "method");
        HairLine other = new HairLine(
                "Spindrift",
                Texture.SILKY_WAVE,
                450,
                false,
                20,
                2,
                2.1,
                BRIEF.hair().packPrice(),
                false,
                List.of("kelp"));
        assertThat(differing(BRIEF.withHair(other)))
                .extracting(Choice::what)
                .contains("hair")
                .doesNotContain("foundation", "parts");
    }

    @Test
    void aZoneThatIsHookedCloserTakesMoreLoopsAndTheOthersAsMany() {
        List<Figure> figures = HookingComparison.figures(plans(BRIEF.withHooking(BRIEF.hooking()
                .wishing(Zone.BACK, BRIEF.hooking().wish(Zone.BACK).closerBy(1.4)))));
        Figure apart = figure(figures, "back, apart");
        assertThat(apart.kind()).isEqualTo(Kind.LENGTH_MM);
        assertThat(apart.values().get(1)).isLessThan(apart.values().get(0));
        Figure loops = figure(figures, "back, loops");
        assertThat(loops.values().get(1)).isGreaterThan(loops.values().get(0));
        assertThat(figure(figures, "front, apart").differs()).isFalse();
        assertThat(figure(figures, "hair costs").better()).isEqualTo(Better.LESS);
    }

    @Test
    void moreHairShowsLessSkin() {
        List<InstallPlan> plans = plans(BRIEF.withFullness(1.4));
        List<WearView> seen =
                plans.stream().map(p -> planner.wear(p, Worn.as(Way.DOWN))).toList();
        Figure skin = figure(HookingComparison.worn(seen), "skin that shows");
        assertThat(skin.values().get(1)).isLessThan(skin.values().get(0));
        assertThat(HookingComparison.worn(List.of())).isEmpty();
    }

    @Test
    void amountsInDifferentCurrenciesAreNotSetBesideEachOther() {
        HairLine dear = new HairLine(
                "Spindrift", Texture.DEEP_WAVE, 300, false, 20, 1, 3, Money.of(650, "JPY"), false, List.of("kelp"));
        assertThat(HookingComparison.figures(plans(BRIEF.withHair(dear))))
                .noneMatch(f -> f.kind() == Kind.MONEY)
                .anyMatch(f -> f.what().equals("packs to buy"));
    }

    @Test
    void hairInOneCurrencyIsComparedEvenIfAnHourIsPricedInAnother() {
        HairLine yen = new HairLine(
                "Spindrift", Texture.DEEP_WAVE, 300, false, 20, 1, 3, Money.of(650, "JPY"), false, List.of("kelp"));
        InstallBrief brief = BRIEF.withHair(yen);
        List<InstallPlan> plans = List.of(planner.plan(brief), planner.plan(brief.withFullness(1.4)));
        assertThat(HookingComparison.figures(plans))
                .anyMatch(f -> f.what().equals("hair costs"))
                .noneMatch(f -> f.what().equals("asked of the client"));
    }
}
