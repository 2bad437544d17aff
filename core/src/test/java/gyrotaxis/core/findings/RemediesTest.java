package gyrotaxis.core.findings;

import static org.assertj.core.api.Assertions.assertThat;

import gyrotaxis.core.care.Habit;
import gyrotaxis.core.findings.Finding.Code;
import gyrotaxis.core.findings.Finding.Remedy;
import gyrotaxis.core.foundation.Back;
import gyrotaxis.core.foundation.FlankSchool;
import gyrotaxis.core.foundation.FoundationBrief;
import gyrotaxis.core.foundation.FoundationException;
import gyrotaxis.core.foundation.PartEnd;
import gyrotaxis.core.foundation.RimBrief;
import gyrotaxis.core.foundation.WearingPart;
import gyrotaxis.core.hair.Texture;
import gyrotaxis.core.hooking.HookedHeads;
import gyrotaxis.core.plan.Consultation;
import gyrotaxis.core.plan.InstallBrief;
import gyrotaxis.core.plan.InstallPlan;
import gyrotaxis.core.plan.Planner;
import gyrotaxis.core.scalp.HairDensity;
import gyrotaxis.core.scalp.HeadMeasures;
import gyrotaxis.core.scalp.OwnHair;
import gyrotaxis.core.scalp.ScalpCondition;
import gyrotaxis.core.wear.Way;
import gyrotaxis.core.wear.Worn;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Each remedy is applied: the finding goes, or less of it is left, and nothing as grave comes in its stead. */
class RemediesTest {
    private final Planner planner = new Planner();

    static IntStream seeds() {
        return IntStream.range(0, Integer.getInteger("remedies.seeds", 60));
    }

    static InstallBrief byChance(int seed) {
        SplittableRandom r = new SplittableRandom(seed);
        int front = r.nextInt(6, 21);
        Back back = switch (r.nextInt(7)) {
            case 0 -> new Back.Switchback(r.nextInt(2, 8), r.nextBoolean(), Back.FrontTails.THREADED);
            case 1 -> new Back.Switchback(r.nextInt(2, 8), r.nextBoolean(), Back.FrontTails.COLLECTED);
            case 2 -> new Back.CrossTied();
            case 3 -> new Back.Spiral(r.nextInt(12, 36));
            default -> new Back.Straight(Math.max(2, r.nextInt(front / 4, front + 1)));
        };
        FoundationBrief rows = FoundationBrief.of(front, back, 12);
        if (!(back instanceof Back.Spiral) && r.nextInt(3) > 0) {
            WearingPart part = WearingPart.straight(r.nextInt(-40, 41));
            PartEnd end = PartEnd.values()[r.nextInt(PartEnd.values().length)];
            rows = rows.withParts(
                    List.of(
                            r.nextBoolean()
                                    ? part
                                    : part.stoppingAfter(r.nextInt(40, 160)).ending(end)),
                    FlankSchool.FINE_ROWS);
        }
        RimBrief rim = RimBrief.plain();
        if (r.nextInt(4) == 0) {
            rim = rim.withPerimeter(RimBrief.Where.SIDES_AND_NAPE, 12);
        }
        if (r.nextInt(5) == 0) {
            rim = rim.withLeaveOut(RimBrief.Where.FRONT, 14);
        }
        Set<ScalpCondition> seen = EnumSet.noneOf(ScalpCondition.class);
        Set<Habit> habits = EnumSet.noneOf(Habit.class);
        for (ScalpCondition c : ScalpCondition.values()) {
            if (r.nextInt(8) == 0) {
                seen.add(c);
            }
        }
        for (Habit h : Habit.values()) {
            if (r.nextInt(5) == 0) {
                habits.add(h);
            }
        }
        Consultation asked = Consultation.plain().living(habits).wornFor(r.nextInt(2, 10));
        if (r.nextInt(3) == 0) {
            asked = asked.wornAs(EnumSet.of(Way.DOWN, Way.values()[r.nextInt(Way.values().length)]));
        }
        return InstallBrief.of(
                        HeadMeasures.ofAll(565, 360, 330, 317, 370, 125),
                        rows.withRim(rim),
                        HookedHeads.hair(Texture.values()[r.nextInt(Texture.values().length)]))
                .withFullness(0.6 + 0.8 * r.nextDouble())
                .withOwnHair(OwnHair.of(HairDensity.values()[r.nextInt(3)], 30 + 300 * r.nextDouble(), seen))
                .withConsultation(asked);
    }

    private List<Finding> findings(InstallBrief brief) {
        InstallPlan plan = planner.plan(brief);
        List<Finding> all = new ArrayList<>(Findings.of(plan));
        all.addAll(WornFindings.of(
                plan, planner.wear(plan, Worn.all(plan.foundation()).get(0), 0, 500)));
        return all;
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void everyRemedyThatIsOfferedHelpsAndBringsNothingAsGrave(int seed) {
        InstallBrief brief = byChance(seed);
        InstallPlan plan;
        try {
            plan = planner.plan(brief);
        } catch (FoundationException cannotBeLaid) {
            return;
        }
        List<Finding> before = findings(brief);
        List<Finding> offered = Judged.of(planner, plan);
        assertThat(offered)
                .extracting(Finding::code)
                .containsExactlyElementsOf(
                        Findings.of(plan).stream().map(Finding::code).toList());
        for (Finding f : offered) {
            for (Remedy r : f.remedies()) {
                List<Finding> after = findings(r.brief());
                assertThat(after)
                        .as("%s, %s: %s", seed, f.code(), r.words())
                        .noneMatch(a -> a.code() == f.code() && a.reason().equals(f.reason()));
                assertThat(after.stream()
                                .filter(a -> a.code() == f.code())
                                .map(Finding::reason)
                                .findFirst())
                        .as("what is left of %s is said", f.code())
                        .isEqualTo(r.left());
                Set<Code> known = EnumSet.noneOf(Code.class);
                before.forEach(b -> known.add(b.code()));
                assertThat(after)
                        .as("%s, %s: %s", seed, f.code(), r.words())
                        .noneMatch(
                                a -> !known.contains(a.code()) && a.severity().compareTo(f.severity()) <= 0);
            }
        }
    }

    /** Most findings of the foundation keep a remedy, however strictly they are judged. */
    @Test
    void judgingLeavesRemedies() {
        int with = 0;
        int left = 0;
        for (int seed = 0; seed < 60; seed++) {
            InstallPlan plan;
            try {
                plan = planner.plan(byChance(seed));
            } catch (FoundationException cannotBeLaid) {
                continue;
            }
            with += (int) Findings.of(plan).stream()
                    .filter(f -> !f.remedies().isEmpty())
                    .count();
            left += (int) Judged.of(planner, plan).stream()
                    .filter(f -> !f.remedies().isEmpty())
                    .count();
        }
        assertThat((double) left / with).isGreaterThan(0.8);
    }
}
