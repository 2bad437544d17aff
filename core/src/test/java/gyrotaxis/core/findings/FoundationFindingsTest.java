package gyrotaxis.core.findings;

import static org.assertj.core.api.Assertions.assertThat;

import gyrotaxis.core.care.Caution;
import gyrotaxis.core.care.Habit;
import gyrotaxis.core.compare.Comparison;
import gyrotaxis.core.estimate.Installer;
import gyrotaxis.core.estimate.Known;
import gyrotaxis.core.estimate.Learned;
import gyrotaxis.core.findings.Finding.Code;
import gyrotaxis.core.findings.Finding.Place;
import gyrotaxis.core.findings.Finding.Remedy;
import gyrotaxis.core.foundation.Back;
import gyrotaxis.core.foundation.Back.FrontTails;
import gyrotaxis.core.foundation.FlankSchool;
import gyrotaxis.core.foundation.FoundationBrief;
import gyrotaxis.core.foundation.PartEnd;
import gyrotaxis.core.foundation.RimBrief;
import gyrotaxis.core.foundation.RimBrief.Individuals;
import gyrotaxis.core.foundation.RimBrief.Where;
import gyrotaxis.core.foundation.TailChoice;
import gyrotaxis.core.foundation.WearingPart;
import gyrotaxis.core.hair.HairLine;
import gyrotaxis.core.hair.Texture;
import gyrotaxis.core.ownhair.HairDensity;
import gyrotaxis.core.ownhair.OwnHair;
import gyrotaxis.core.ownhair.ScalpCondition;
import gyrotaxis.core.ownhair.StrandThickness;
import gyrotaxis.core.plan.Consultation;
import gyrotaxis.core.plan.Consultation.Fall;
import gyrotaxis.core.plan.InstallBrief;
import gyrotaxis.core.plan.InstallPlan;
import gyrotaxis.core.plan.Planner;
import gyrotaxis.core.quantity.Money;
import gyrotaxis.core.row.RowEdit;
import gyrotaxis.core.row.RowId;
import gyrotaxis.core.row.Section;
import gyrotaxis.core.row.TailEnd;
import gyrotaxis.core.scalp.HairlineShape;
import gyrotaxis.core.scalp.HairlineShape.Nape;
import gyrotaxis.core.scalp.HairlineShape.Peak;
import gyrotaxis.core.scalp.HeadMeasures;
import gyrotaxis.core.scalp.Region;
import gyrotaxis.core.scalp.RegionKind;
import gyrotaxis.core.scalp.ScalpPoint;
import gyrotaxis.core.wear.Way;
import gyrotaxis.testing.Each;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

/** What is found about a foundation, and that each remedy mends what it says it mends. */
class FoundationFindingsTest {
    private static final HairLine HAIR = new HairLine(
            "Slack Water", Texture.DEEP_WAVE, 300, false, 20, 1, 2.52, Money.of(650, "EUR"), false, List.of("ink"));
    private static final OwnHair LONG = OwnHair.of(HairDensity.MEDIUM, 220, Set.of());
    static final InstallBrief PLAIN = InstallBrief.of(
                    HeadMeasures.ofAll(565, 360, 330, 317, 370, 125), FoundationBrief.of(14, 6, 12), HAIR)
            .withOwnHair(LONG);
    private static final FoundationBrief ROWS = PLAIN.foundation();
    private final Planner planner = new Planner();

    private static OwnHair own(ScalpCondition... conditions) {
        return OwnHair.of(HairDensity.MEDIUM, 220, Set.of(conditions));
    }

    private static InstallBrief rim(RimBrief rim, ScalpCondition... conditions) {
        return PLAIN.withOwnHair(own(conditions)).withFoundation(ROWS.withRim(rim));
    }

    @Test
    void aTailThatIsSentByHandGetsNoFurtherThanHerHair() {
        InstallBrief near = PLAIN.withOwnHair(OwnHair.of(HairDensity.MEDIUM, 120, Set.of()));
        RowId outer = new RowId(Section.BACK, 1);
        TailChoice far = TailChoice.into(outer, TailEnd.FED, new RowId(Section.BACK, 6));
        assertThat(tooShort(near)).isEmpty();
        assertThat(tooShort(near.withFoundation(ROWS.withTails(List.of(far))))).containsExactly(new Place.OnRow(outer));
        assertThat(tooShort(PLAIN.withOwnHair(OwnHair.of(HairDensity.MEDIUM, 400, Set.of()))
                        .withFoundation(ROWS.withTails(List.of(far)))))
                .isEmpty();
    }

    private List<Place> tooShort(InstallBrief brief) {
        return Findings.of(planner.plan(brief)).stream()
                .filter(f -> f.code() == Code.TAIL_TOO_SHORT)
                .map(Finding::place)
                .toList();
    }

    /** A brief, the finding it must give cause for, and whether every remedy must make it go away. */
    static Stream<Arguments> cases() {
        RimBrief plain = RimBrief.plain();
        WearingPart middle = new WearingPart(0, 0, OptionalDouble.of(60));
        HairlineShape peaked = new HairlineShape(0, 0, Optional.of(new Peak(0, 10)), Nape.ROUND);
        Consultation asked = Consultation.plain();
        List<TailChoice> intoOne = new ArrayList<>();
        for (int n : new int[] {1, 2, 5, 6}) {
            intoOne.add(new TailChoice(
                    new RowId(Section.BACK, n), TailEnd.FED, Optional.of(new RowId(Section.BACK, 3)), 0.95));
        }
        return Stream.of(
                Arguments.of(Code.CROWN_STRIPES, PLAIN.withOwnHair(own(ScalpCondition.THIN_CROWN))),
                Arguments.of(Code.HUMP, PLAIN.withFoundation(ROWS.withTails(intoOne))),
                Arguments.of(
                        Code.EDGES_PULLED,
                        rim(
                                plain.withPerimeter(Where.ALL_ROUND, 8)
                                        .withEdgesSpared(true)
                                        .withSetBack(15),
                                ScalpCondition.THIN_EDGES)),
                Arguments.of(Code.EDGES_PULLED, rim(plain.withSetBack(15), ScalpCondition.THIN_EDGES)),
                Arguments.of(Code.EDGES_PULLED, rim(plain.withEdgesSpared(true), ScalpCondition.THIN_EDGES)),
                Arguments.of(
                        Code.EDGES_PULLED,
                        rim(
                                plain.withEdgesSpared(true)
                                        .withSetBack(15)
                                        .withIndividuals(Individuals.along(Where.NAPE, 10, 1, 8, false)),
                                ScalpCondition.THIN_EDGES)),
                Arguments.of(Code.LEAVE_OUT, rim(plain.withLeaveOut(Where.FRONT, 18), ScalpCondition.THIN_EDGES)),
                Arguments.of(
                        Code.HARD_ON_ONESELF,
                        PLAIN.by(Installer.SELF).withFoundation(FoundationBrief.of(14, new Back.Spiral(18), 12))),
                Arguments.of(Code.HARD_ON_ONESELF, PLAIN.by(Installer.SELF).withFoundation(braidedUpward(8))),
                Arguments.of(Code.UPDO_SHOWS, PLAIN.withConsultation(asked.wornAs(Set.of(Way.HIGH_PONYTAIL)))),
                Arguments.of(
                        Code.PART_IN_PEAK,
                        PLAIN.withHead(PLAIN.head().withHairline(peaked))
                                .withFoundation(ROWS.withParts(List.of(middle), FlankSchool.FINE_ROWS))),
                Arguments.of(
                        Code.PART_END_NOT_LAID,
                        PLAIN.withFoundation(ROWS.withParts(
                                List.of(WearingPart.straight(0).ending(PartEnd.CROSSED)), FlankSchool.FINE_ROWS))),
                Arguments.of(
                        Code.PART_END_NOT_LAID,
                        PLAIN.withFoundation(ROWS.withParts(
                                List.of(
                                        middle.startingAt(-12).stoppingAfter(60).ending(PartEnd.HALF_ROWS),
                                        middle.startingAt(12).stoppingAfter(60).ending(PartEnd.HALF_ROWS)),
                                FlankSchool.FINE_ROWS))),
                Arguments.of(Code.PART_ON_SIDE_OF_FALL, PLAIN.withConsultation(asked.falling(Fall.LEFT))),
                Arguments.of(
                        Code.BULK_GROWS,
                        PLAIN.withFoundation(
                                FoundationBrief.of(20, new Back.Switchback(5, true, FrontTails.COLLECTED), 12))),
                Arguments.of(
                        Code.TAILS_ONLY_HOOKED,
                        PLAIN.withFoundation(
                                FoundationBrief.of(14, new Back.Switchback(4, true, FrontTails.THREADED), 12))),
                Arguments.of(Code.TAIL_TOO_SHORT, PLAIN.withOwnHair(OwnHair.of(HairDensity.MEDIUM, 45, Set.of()))),
                Arguments.of(
                        Code.EDIT_LOST,
                        PLAIN.withFoundation(
                                ROWS.withEdits(List.of(new RowEdit.Reverse(new RowId(Section.LEVEL, 3)))))),
                Arguments.of(
                        Code.EDIT_LOST,
                        PLAIN.withFoundation(ROWS.withTails(
                                List.of(TailChoice.secured(new RowId(Section.SPIRAL, 1), TailEnd.PINNED))))));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("cases")
    void isFoundAndEveryRemedyMendsIt(Code code, InstallBrief brief) {
        List<Finding> found = Findings.of(planner.plan(brief)).stream()
                .filter(f -> f.code() == code)
                .toList();
        assertThat(found).isNotEmpty();
        for (Finding f : found) {
            assertThat(f.reason()).asString().endsWith(".");
            assertThat(f.remedies()).isNotEmpty();
            for (Remedy r : f.remedies()) {
                assertThat(Findings.of(planner.plan(r.brief())))
                        .as("%s after \"%s\"", f.reason(), r.words())
                        .noneMatch(
                                after -> after.code() == code && after.reason().equals(f.reason()));
            }
        }
    }

    @Test
    void aLooseEndIsStitchedOneByOneOrAllTogether() {
        InstallBrief turned = rim(RimBrief.plain().withPerimeter(Where.FRONT, 10));
        List<Finding> loose = of(turned, Code.LOOSE_END);
        assertThat(loose).hasSizeGreaterThan(1);
        assertThat(loose.get(0).remedies()).hasSize(2);
        InstallBrief one = loose.get(0).remedies().get(0).brief();
        assertThat(of(one, Code.LOOSE_END)).hasSize(loose.size() - 1);
        InstallBrief all = loose.get(0).remedies().get(1).brief();
        assertThat(of(all, Code.LOOSE_END)).isEmpty();
    }

    @Test
    void anActiveLifeMakesLooseEndsGrave() {
        assertThat(of(PLAIN, Code.LOOSE_END).get(0).severity()).isEqualTo(Severity.HINT);
        InstallBrief windy = PLAIN.withConsultation(Consultation.plain().living(Set.of(Habit.WIND)));
        assertThat(of(windy, Code.LOOSE_END).get(0).severity()).isEqualTo(Severity.WARNING);
    }

    @ParameterizedTest
    @EnumSource(Habit.class)
    void everyHabitHasAConsequence(Habit habit) {
        InstallBrief living = PLAIN.withConsultation(Consultation.plain().living(Set.of(habit)));
        assertThat(Findings.of(planner.plan(living))).isNotEqualTo(Findings.of(planner.plan(PLAIN)));
    }

    /** Each answer of the consultation is used by a rule, none merely stored. */
    @Test
    void everyAnswerChangesThePlan() {
        Consultation c = Consultation.plain();
        OwnHair o = LONG;
        List<InstallBrief> answers = List.of(
                PLAIN.withConsultation(c.wornAs(Set.of(Way.BUN))),
                PLAIN.withConsultation(c.falling(Fall.RIGHT)),
                PLAIN.withConsultation(c.withFringe()),
                PLAIN.withConsultation(c.wornFor(9)),
                PLAIN.withConsultation(c.within(60)),
                PLAIN.withConsultation(c.bringing(2)),
                PLAIN.withOwnHair(new OwnHair(o.density(), StrandThickness.COARSE, 220, 0, false, Set.of())),
                PLAIN.withOwnHair(new OwnHair(o.density(), o.strands(), 220, 50, false, Set.of())),
                PLAIN.withOwnHair(new OwnHair(o.density(), o.strands(), 220, 0, true, Set.of())),
                PLAIN.withOwnHair(own(ScalpCondition.ITCHES)),
                PLAIN.by(Installer.SELF));
        InstallPlan plain = planner.plan(PLAIN);
        for (InstallBrief brief : answers) {
            InstallPlan plan = planner.plan(brief);
            assertThat(List.of(
                            Findings.of(plan),
                            plan.packs(),
                            plan.time(),
                            plan.foundation().rows()))
                    .as("%s", brief.consultation())
                    .isNotEqualTo(List.of(
                            Findings.of(plain),
                            plain.packs(),
                            plain.time(),
                            plain.foundation().rows()));
        }
    }

    @Test
    void limitedTimeIsSaidWithWhatWouldFit() {
        Finding f = of(PLAIN.withConsultation(Consultation.plain().within(75)), Code.TOO_LONG_IN_CHAIR)
                .get(0);
        assertThat(f.reason()).asString().contains("75 minutes");
        for (Remedy r : f.remedies()) {
            assertThat(planner.plan(r.brief()).time().inChair().likely())
                    .isLessThan(planner.plan(PLAIN).time().inChair().likely());
        }
    }

    /** What was learned of how long a hair lasts, against how long it is wished. */
    @ParameterizedTest
    @CsvSource({"5.4, 8, 5 weeks", "5.4, 6, 5 weeks", "5.4, 5,", "5.6, 6,", "1.2, 2, 1 week"})
    void aWishForLongerThanTheHairLastedIsSaid(double lasted, int wished, @Nullable String said) {
        InstallBrief brief = PLAIN.withConsultation(Consultation.plain().wornFor(wished))
                .knowing(new Learned(
                        Optional.of(LocalDate.of(2027, 6, 7)), Map.of(Known.WEAR, new Learned.Value(lasted, 3))));
        List<Finding> found = of(brief, Code.WORN_LONGER_THAN_IT_LASTS);
        assertThat(found).hasSize(said == null ? 0 : 1);
        for (Finding f : found) {
            assertThat(f.reason()).asString().contains(wished + " weeks; ").contains("after about " + said + ",");
            Remedy sooner = f.remedies().get(0);
            assertThat(sooner.words()).asString().isEqualTo("Plan the takedown after " + said);
            assertThat(of(sooner.brief(), Code.WORN_LONGER_THAN_IT_LASTS)).isEmpty();
        }
        assertThat(of(brief.knowing(Learned.NOTHING), Code.WORN_LONGER_THAN_IT_LASTS))
                .as("nothing was seen")
                .isEmpty();
    }

    @Test
    void aTenderRegionIsNamedWithTheRowsThroughIt() {
        Region tender = new Region(
                RegionKind.TENDER,
                "behind the left ear",
                List.of(
                        new ScalpPoint(-1.9, 0.6),
                        new ScalpPoint(-1.9, 0.95),
                        new ScalpPoint(-2.3, 0.95),
                        new ScalpPoint(-2.3, 0.6)));
        InstallBrief brief = PLAIN.withHead(PLAIN.head().withRegions(List.of(tender)));
        Finding f = of(brief, Code.THROUGH_REGION).get(0);
        assertThat(f.reason())
                .asString()
                .startsWith("Behind the left ear (tender)")
                .contains("back row 1");
        double spared = planner.plan(brief).pull().stream()
                .filter(p -> p.row().equals(new RowId(Section.BACK, 1)))
                .findFirst()
                .orElseThrow()
                .limitGramsPerCm();
        double usual = planner.plan(PLAIN).pull().stream()
                .filter(p -> p.row().equals(new RowId(Section.BACK, 1)))
                .findFirst()
                .orElseThrow()
                .limitGramsPerCm();
        assertThat(spared).isLessThan(usual);
    }

    @Test
    void heavyHairOnFineHairIsLightened() {
        HairLine heavy = new HairLine(
                "Anchor Chain", Texture.DEEP_WAVE, 500, false, 20, 1, 7, Money.of(650, "EUR"), false, List.of("ink"));
        InstallBrief brief = InstallBrief.of(PLAIN.head().measures(), ROWS, heavy)
                .withOwnHair(OwnHair.of(HairDensity.FINE, 220, Set.of()));
        Finding f = of(brief, Code.ROW_OVERLOADED).get(0);
        assertThat(f.reason()).asString().contains("an estimate");
        InstallBrief lighter = f.remedies().get(0).brief();
        assertThat(lighter.fullness()).isLessThan(1);
        assertThat(planner.plan(lighter).weightGrams())
                .isLessThan(planner.plan(brief).weightGrams());
    }

    @Test
    void childrenAreHandledWithCare() {
        InstallBrief small = PLAIN.withMeasures(HeadMeasures.of(490, 305, 288));
        assertThat(said(small)).contains(Caution.SMALL_HEAD.words()).doesNotContain(Caution.CHILD.words());
        InstallBrief child = small.withConsultation(small.consultation().aged(9));
        assertThat(said(child)).contains(Caution.CHILD.words()).doesNotContain(Caution.SMALL_HEAD.words());
        InstallBrief grownUp = small.withConsultation(small.consultation().aged(34));
        assertThat(said(grownUp)).doesNotContain(Caution.CHILD.words(), Caution.SMALL_HEAD.words());
    }

    @Test
    void comparisonMarksWhatDiffers() {
        InstallPlan straight = planner.plan(PLAIN);
        InstallPlan passes = planner.plan(
                PLAIN.withFoundation(FoundationBrief.of(14, new Back.Switchback(4, true, FrontTails.THREADED), 12)));
        List<Comparison.Figure> figures = Comparison.of(List.of(straight, passes), List.of(3, 1));
        Each.of(figures).allMatch(f -> f.values().size() == 2);
        assertThat(figures.get(0).differs()).isFalse();
        assertThat(figures)
                .filteredOn(f -> f.what().equals("rows in all"))
                .isNotEmpty()
                .allMatch(Comparison.Figure::differs);
        assertThat(figures)
                .filteredOn(f -> f.what().equals("longest part it allows"))
                .isNotEmpty()
                .allMatch(f -> f.values().get(0) > f.values().get(1));
    }

    private List<Finding> of(InstallBrief brief, Code code) {
        return Findings.of(planner.plan(brief)).stream()
                .filter(f -> f.code() == code)
                .toList();
    }

    private List<String> said(InstallBrief brief) {
        return Findings.of(planner.plan(brief)).stream()
                .map(f -> f.reason().toString())
                .toList();
    }

    private static FoundationBrief braidedUpward(int rows) {
        return FoundationBrief.of(14, rows, 12)
                .withEdits(IntStream.rangeClosed(1, rows)
                        .mapToObj(i -> (RowEdit) new RowEdit.Reverse(new RowId(Section.BACK, i)))
                        .toList());
    }
}
