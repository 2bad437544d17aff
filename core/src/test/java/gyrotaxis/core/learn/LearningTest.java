package gyrotaxis.core.learn;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import gyrotaxis.core.chair.EventId;
import gyrotaxis.core.chair.RecordedEvent;
import gyrotaxis.core.chair.VisitEvent;
import gyrotaxis.core.estimate.Known;
import gyrotaxis.core.estimate.Learned;
import gyrotaxis.core.foundation.FoundationBrief;
import gyrotaxis.core.hair.Texture;
import gyrotaxis.core.hooking.HookedHeads;
import gyrotaxis.core.plan.InstallBrief;
import gyrotaxis.core.plan.InstallPlan;
import gyrotaxis.core.plan.Planner;
import gyrotaxis.core.plan.WorkSheetWriter;
import gyrotaxis.core.scalp.HeadMeasures;
import gyrotaxis.core.stock.LineId;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class LearningTest {
    private static final Planner PLANNER = new Planner();
    private static final LocalDate DAY = LocalDate.of(2027, 1, 4);
    private static final UUID ORLA = new UUID(1, 1);
    private static final LineId EDDY = new LineId(new UUID(2, 1));
    private static final LineId SWELL = new LineId(new UUID(2, 2));
    private static final InstallBrief BRIEF = InstallBrief.of(
            HeadMeasures.of(565, 360, 330), FoundationBrief.of(12, 5, 12), HookedHeads.hair(Texture.DEEP_WAVE));

    private static Seen seen(int n, UUID by, Texture texture, LineId line, Known what, double value) {
        return new Seen(
                new UUID(3, n), DAY.plusDays(n), Optional.of(by), texture, Optional.of(line), Map.of(what, value));
    }

    private static Learning.About about(LineId line) {
        return new Learning.About(Optional.of(ORLA), Texture.DEEP_WAVE, Optional.of(line));
    }

    private static Lesson lesson(Learning l, Known what) {
        Lesson lesson = l.lessons().get(what);
        assertThat(lesson).isNotNull();
        return lesson;
    }

    private static Learned knowing(Known what, double value) {
        return new Learned(Optional.of(DAY), Map.of(what, new Learned.Value(value, 4)));
    }

    @Test
    void handsAreLearnedFromAllHairAndHairFromItsTextureThenItsLine() {
        List<Seen> seen = new ArrayList<>();
        for (int n = 0; n < 4; n++) {
            seen.add(seen(n, ORLA, Texture.SILKY_WAVE, SWELL, Known.BRAIDING, 1.3));
            seen.add(seen(10 + n, ORLA, Texture.DEEP_WAVE, SWELL, Known.LOOPS, 1.3));
            seen.add(seen(20 + n, new UUID(1, 2), Texture.DEEP_WAVE, EDDY, Known.LOOPS, 0.7));
        }
        Learning of = Learning.of(seen, about(EDDY), Learning.Wishes.NONE, DAY.plusYears(1));
        assertThat(lesson(of, Known.BRAIDING).from()).isEqualTo(Lesson.From.HANDS);
        assertThat(lesson(of, Known.BRAIDING).value()).isGreaterThan(1.15);
        // Of this line she has none; what another stylist used does not count.
        assertThat(lesson(of, Known.LOOPS).from()).isEqualTo(Lesson.From.TEXTURE);
        assertThat(lesson(of, Known.LOOPS).value()).isGreaterThan(1.15);
        seen.add(seen(40, ORLA, Texture.DEEP_WAVE, EDDY, Known.LOOPS, 1.2));
        Learning withLine = Learning.of(seen, about(EDDY), Learning.Wishes.NONE, DAY.plusYears(1));
        // One head with it teaches nothing of its own yet: it is as the texture is.
        assertThat(lesson(withLine, Known.LOOPS).from()).isEqualTo(Lesson.From.TEXTURE);
        assertThat(lesson(withLine, Known.LOOPS).visits()).isEqualTo(5);
        seen.add(seen(41, ORLA, Texture.DEEP_WAVE, EDDY, Known.LOOPS, 1.2));
        Learning twice = Learning.of(seen, about(EDDY), Learning.Wishes.NONE, DAY.plusYears(1));
        assertThat(lesson(twice, Known.LOOPS).from()).isEqualTo(Lesson.From.LINE);
        assertThat(lesson(twice, Known.LOOPS).visits()).isEqualTo(2);
        assertThat(lesson(withLine, Known.WEAR).from()).isEqualTo(Lesson.From.NOWHERE);
    }

    @Test
    void aVisitCanBeLeftOutAndAFigureRefused() {
        List<Seen> seen = List.of(
                seen(1, ORLA, Texture.DEEP_WAVE, EDDY, Known.BRAIDING, 1.3),
                seen(2, ORLA, Texture.DEEP_WAVE, EDDY, Known.BRAIDING, 1.3),
                seen(3, ORLA, Texture.DEEP_WAVE, EDDY, Known.BRAIDING, 1.1));
        Learning all = Learning.of(seen, about(EDDY), Learning.Wishes.NONE, DAY.plusYears(1));
        Learning without =
                Learning.of(seen, about(EDDY), new Learning.Wishes(Set.of(new UUID(3, 3)), Set.of()), DAY.plusYears(1));
        assertThat(lesson(without, Known.BRAIDING).value())
                .isCloseTo(
                        lesson(
                                        Learning.of(
                                                seen.subList(0, 2),
                                                about(EDDY),
                                                Learning.Wishes.NONE,
                                                DAY.plusYears(1)),
                                        Known.BRAIDING)
                                .value(),
                        within(1e-12));
        assertThat(lesson(without, Known.BRAIDING).points()).hasSize(3).anyMatch(Lesson.Point::isLeftOut);
        assertThat(all.learned().of(Known.BRAIDING)).isPresent();
        Learning refused =
                Learning.of(seen, about(EDDY), new Learning.Wishes(Set.of(), Set.of(Known.BRAIDING)), DAY.plusYears(1));
        assertThat(refused.learned()).isEqualTo(Learned.NOTHING);
        assertThat(lesson(refused, Known.BRAIDING).value())
                .isEqualTo(lesson(all, Known.BRAIDING).value());
    }

    @Test
    void whatCameAfterADayIsNotKnownOnIt() {
        List<Seen> seen = List.of(
                seen(1, ORLA, Texture.DEEP_WAVE, EDDY, Known.BRAIDING, 1.3),
                seen(9, ORLA, Texture.DEEP_WAVE, EDDY, Known.BRAIDING, 1.3));
        assertThat(lesson(Learning.of(seen, about(EDDY), Learning.Wishes.NONE, DAY.plusDays(5)), Known.BRAIDING)
                        .points())
                .hasSize(1);
    }

    @Test
    void theSameBriefGivesTheSamePlanWhateverWasLearnedSince() {
        InstallBrief then = BRIEF.knowing(knowing(Known.LOOPS, 1.2));
        InstallPlan plan = new Planner().plan(then);
        assertThat(WorkSheetWriter.of(new Planner().plan(then))).isEqualTo(WorkSheetWriter.of(plan));
        assertThat(new Planner().plan(then).packs()).isEqualTo(plan.packs());
        assertThat(plan.packs().neededLoops())
                .isGreaterThan(PLANNER.plan(BRIEF).packs().neededLoops());
        assertThat(plan.stations()).isEqualTo(PLANNER.plan(BRIEF).stations());
    }

    @Test
    void nothingLearnedChangesNothing() {
        assertThat(BRIEF.knowing(Learned.NOTHING)).isEqualTo(BRIEF);
    }

    @ParameterizedTest
    @EnumSource(
            value = Known.class,
            names = {"BRAIDING", "SPLITTING", "REGULAR", "INVISIBLE", "FINISHING"})
    void aPaceMovesItsOwnMinutesAlone(Known what) {
        InstallPlan usual = PLANNER.plan(BRIEF);
        InstallPlan slower = PLANNER.plan(BRIEF.knowing(knowing(what, 2)));
        long moved = usual.time().minutes().keySet().stream()
                .filter(stage -> Math.abs(usual.time().minutes().get(stage).likely()
                                - slower.time().minutes().get(stage).likely())
                        > 1e-9)
                .count();
        assertThat(moved).isBetween(1L, 3L);
        assertThat(slower.time().inChair().likely())
                .isGreaterThanOrEqualTo(usual.time().inChair().likely());
        assertThat(slower.packs()).isEqualTo(usual.packs());
    }

    @Test
    void passesThatWereNeededAreTied() {
        InstallPlan usual = PLANNER.plan(BRIEF);
        InstallPlan more = PLANNER.plan(BRIEF.knowing(knowing(Known.PASSES, 1)));
        double before = usual.stations().stream()
                .mapToInt(s -> s.tie().passes())
                .average()
                .orElseThrow();
        double after = more.stations().stream()
                .mapToInt(s -> s.tie().passes())
                .average()
                .orElseThrow();
        assertThat(after).isBetween(before + 0.5, before + 1 + 1e-9);
    }

    @Test
    void howHairWearsIsLearned() {
        InstallBrief sooner = BRIEF.knowing(knowing(Known.FRIZZ, 0.5));
        assertThat(sooner.afterwards().frizzTrimDay())
                .isEqualTo(Math.round(BRIEF.afterwards().frizzTrimDay() * 0.5f));
        double usual = BRIEF.hairAsKnown().loft().at(7);
        assertThat(BRIEF.knowing(knowing(Known.LOFT, 0.8)).hairAsKnown().loft().at(7))
                .isCloseTo(usual * 0.8, within(1e-9));
        // Of another hair it is not known.
        InstallBrief other = sooner.withHair(HookedHeads.hair(Texture.SILKY_WAVE));
        assertThat(other.learned()).isEqualTo(Learned.NOTHING);
    }

    @Test
    void aVisitWithoutAnythingOddTeachesTheTruth() {
        SimulatedStylist who = new SimulatedStylist(PLANNER, 7);
        List<Seen> seen = new ArrayList<>();
        for (int n = 0; n < 40; n++) {
            seen.add(new Seen(
                    new UUID(3, n),
                    DAY.plusDays(n),
                    Optional.of(ORLA),
                    Texture.DEEP_WAVE,
                    Optional.of(EDDY),
                    who.visit(BRIEF, 1)));
        }
        Learning of = Learning.of(seen, about(EDDY), Learning.Wishes.NONE, DAY.plusYears(1));
        // Her splitting is not among them: she splits for more fills than the plan does, which looks like a pace.
        for (Known k : List.of(Known.BRAIDING, Known.REGULAR, Known.LOOPS)) {
            assertThat(lesson(of, k).value())
                    .as("%s", k)
                    .isCloseTo(who.truth.orUsual(k), within(0.08 * who.truth.orUsual(k)));
        }
    }

    @Test
    void onePassMoreIsCalledForWhereKnotsSlid() {
        Seen quiet = new Seen(
                new UUID(3, 1),
                DAY,
                Optional.of(ORLA),
                Texture.DEEP_WAVE,
                Optional.of(EDDY),
                observed(OptionalInt.of(0)));
        Seen slid = new Seen(
                new UUID(3, 1),
                DAY,
                Optional.of(ORLA),
                Texture.DEEP_WAVE,
                Optional.of(EDDY),
                observed(OptionalInt.of(20)));
        assertThat(quiet.values()).containsEntry(Known.PASSES, 0.0);
        assertThat(slid.values()).containsEntry(Known.PASSES, 1.0);
        assertThat(observed(OptionalInt.empty())).doesNotContainKey(Known.PASSES);
    }

    private static Map<Known, Double> observed(OptionalInt slipped) {
        var sheet = WorkSheetWriter.of(PLANNER.plan(BRIEF));
        var hooked = new VisitEvent.SharesHooked(
                sheet.shares().stream().map(s -> s.ref()).toList());
        var event = new RecordedEvent(new EventId("tablet", 1), 1, Instant.EPOCH, hooked);
        return Observer.of(
                sheet,
                BRIEF,
                List.of(event),
                new Afterlife(slipped, OptionalInt.of(7), OptionalDouble.of(0.6), OptionalDouble.of(4)));
    }

    @Test
    void valuesThatCannotBeAreRefused() {
        assertThatThrownBy(() -> knowing(Known.LOOPS, 9)).hasMessageContaining("LOOPS");
        assertThatThrownBy(() -> new Learned.Value(1, 0)).hasMessageContaining("visits");
        assertThatThrownBy(() -> new Learned(Optional.empty(), Map.of(Known.LOOPS, new Learned.Value(1, 1))))
                .hasMessageContaining("asOf");
    }

    @Test
    void howManyPacksThisTimeNamesANumberAndWhy() {
        var line = HookedHeads.hair(Texture.DEEP_WAVE);
        PacksNext none = PacksNext.of(line, 110, 1, Optional.empty(), 0, 0);
        assertThat(none.needed()).isEqualTo(110);
        assertThat(none.why().toString()).startsWith("She has not had this hair yet; the plan counts 110 loops");
        PacksNext fuller = PacksNext.of(line, 112, 1.1, Optional.of(new PacksNext.LastUse(96, 1)), 22, 0);
        assertThat(fuller.needed()).isEqualTo(106);
        assertThat(fuller.why().toString())
                .startsWith("Last time 96 loops went in; 10 % fuller makes 106, and 22 are there: buy ")
                .contains("for the 84 missing.");
        // As the plan does, it counts on what she brings.
        PacksNext brings = PacksNext.of(line, 96, 1, Optional.of(new PacksNext.LastUse(96, 1)), 22, 20);
        assertThat(brings.why().toString())
                .contains(", and 22 are there, and 20 are brought: ")
                .contains("for the 54 missing.");
        PacksNext enough = PacksNext.of(line, 140, 1, Optional.of(new PacksNext.LastUse(96, 1)), 100, 0);
        assertThat(enough.bought()).isEmpty();
        assertThat(enough.why().toString())
                .contains("nothing to buy.")
                .endsWith("This plan counts 140 and would buy 2 packs.");
    }
}
