package gyrotaxis.core.plan;

import gyrotaxis.core.care.Habit;
import gyrotaxis.core.foundation.Back;
import gyrotaxis.core.foundation.FlankSchool;
import gyrotaxis.core.foundation.FoundationBrief;
import gyrotaxis.core.foundation.FoundationException;
import gyrotaxis.core.foundation.PartEnd;
import gyrotaxis.core.foundation.RimBrief;
import gyrotaxis.core.foundation.WearingPart;
import gyrotaxis.core.hair.Texture;
import gyrotaxis.core.hooking.HookedHeads;
import gyrotaxis.core.install.HairMix;
import gyrotaxis.core.install.HookingBrief;
import gyrotaxis.core.install.Method;
import gyrotaxis.core.ownhair.HairDensity;
import gyrotaxis.core.ownhair.OwnHair;
import gyrotaxis.core.ownhair.ScalpCondition;
import gyrotaxis.core.scalp.HeadMeasures;
import gyrotaxis.core.wear.Way;
import gyrotaxis.testing.LongRun;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.SplittableRandom;
import java.util.stream.IntStream;

/**
 * Plans as they may come: heads of all sizes, every family, any hair, method and wish. The same seed gives the same plan.
 *
 * <p>How many are tried is set by the property {@code plans}; without it each test says how many are usual.
 */
public final class PlansByChance {
    private final SplittableRandom r;

    private PlansByChance(int seed) {
        this.r = new SplittableRandom(seed);
    }

    /** The seeds to be tried. */
    public static IntStream seeds(int usual) {
        return IntStream.range(0, LongRun.plans(usual));
    }

    /** What is asked for. */
    public static InstallBrief brief(int seed) {
        return new PlansByChance(seed).brief();
    }

    /** The plan, or nothing where its foundation cannot be laid on that head, which is said and is not what is tried here. */
    public static Optional<InstallPlan> plan(Planner planner, int seed) {
        try {
            return Optional.of(planner.plan(brief(seed)));
        } catch (FoundationException cannotBeLaid) {
            return Optional.empty();
        }
    }

    private <T> T one(T[] of) {
        return of[r.nextInt(of.length)];
    }

    private boolean oneIn(int n) {
        return r.nextInt(n) == 0;
    }

    private double between(double from, double to) {
        return from + (to - from) * r.nextDouble();
    }

    private InstallBrief brief() {
        // Larger heads are larger all over, give or take.
        double size = between(0.88, 1.12);
        HeadMeasures head = HeadMeasures.of(
                565 * size * between(0.98, 1.02), 360 * size * between(0.97, 1.03), 330 * size * between(0.97, 1.03));
        Texture texture = one(Texture.values());
        return InstallBrief.of(head, rows(), HookedHeads.hair(texture))
                .withFullness(between(0.6, 1.4))
                .withOwnHair(own())
                .withConsultation(asked())
                .withHooking(hooking(texture));
    }

    private FoundationBrief rows() {
        int front = r.nextInt(6, 21);
        Back back = switch (r.nextInt(9)) {
            case 0 -> new Back.Switchback(r.nextInt(3, 8), r.nextBoolean(), Back.FrontTails.THREADED);
            case 1 -> new Back.Switchback(r.nextInt(3, 8), r.nextBoolean(), Back.FrontTails.COLLECTED);
            case 2 -> new Back.CrossTied();
            case 3 -> new Back.Spiral(r.nextInt(14, 34));
            case 4 -> new Back.Wefted(r.nextInt(4, 8), r.nextBoolean());
            case 5 ->
                new Back.Capped(Math.min(front, r.nextInt(4, 10)), between(20, 45), r.nextBoolean(), r.nextBoolean());
            default -> new Back.Straight(Math.max(3, r.nextInt(front / 3, front + 1)));
        };
        FoundationBrief rows = FoundationBrief.of(front, back, between(8, 16));
        if (!(back instanceof Back.Spiral) && !oneIn(3)) {
            List<WearingPart> parts = new ArrayList<>(List.of(part(r.nextInt(-45, 10))));
            if (oneIn(3)) {
                parts.add(part(r.nextInt(30, 60)));
            }
            rows = rows.withParts(parts, one(FlankSchool.values()));
        }
        return rows.withRim(rim());
    }

    private WearingPart part(int startMm) {
        WearingPart straight = WearingPart.straight(startMm);
        return r.nextBoolean()
                ? straight
                : straight.stoppingAfter(r.nextInt(40, 160)).ending(one(PartEnd.values()));
    }

    private RimBrief rim() {
        RimBrief rim = RimBrief.plain();
        return switch (r.nextInt(8)) {
            case 0 -> rim.withPerimeter(RimBrief.Where.SIDES_AND_NAPE, 12);
            case 1 -> rim.withPerimeter(RimBrief.Where.ALL_ROUND, 12);
            case 2 -> rim.withLeaveOut(RimBrief.Where.FRONT, between(12, 22));
            case 3 -> rim.withSetBack(between(10, 25));
            case 4 -> rim.withEdgesSpared(true);
            default -> rim;
        };
    }

    private OwnHair own() {
        Set<ScalpCondition> seen = EnumSet.noneOf(ScalpCondition.class);
        for (ScalpCondition c : ScalpCondition.values()) {
            if (oneIn(9)) {
                seen.add(c);
            }
        }
        return OwnHair.of(one(HairDensity.values()), between(30, 330), seen);
    }

    private Consultation asked() {
        Set<Habit> habits = EnumSet.noneOf(Habit.class);
        for (Habit h : Habit.values()) {
            if (oneIn(5)) {
                habits.add(h);
            }
        }
        Consultation asked = Consultation.plain().living(habits).wornFor(r.nextInt(2, 10));
        return oneIn(3) ? asked.wornAs(EnumSet.of(Way.DOWN, one(Way.values()))) : asked;
    }

    private HookingBrief hooking(Texture texture) {
        Method method = Method.usual()
                .with(one(Method.Spacing.values()))
                .with(one(Method.BackSpacing.values()))
                .with(one(Method.Order.values()));
        HookingBrief brief = HookingBrief.usual().by(method);
        if (oneIn(4) && !texture.goesInWhole()) {
            HairMix.Strand other =
                    new HairMix.Strand(HookedHeads.hair(texture), "honey", r.nextInt(10, 60), Optional.empty());
            brief = brief.mixing(new HairMix(HairMix.How.RATIO, List.of(other), r.nextInt(), false));
        }
        return brief;
    }
}
