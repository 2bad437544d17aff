package gyrotaxis.core.drilling;

import gyrotaxis.core.foundation.Back;
import gyrotaxis.core.foundation.FlankSchool;
import gyrotaxis.core.foundation.FoundationBrief;
import gyrotaxis.core.foundation.RimBrief;
import gyrotaxis.core.foundation.WearingPart;
import gyrotaxis.core.hair.HairLine;
import gyrotaxis.core.hair.Texture;
import gyrotaxis.core.install.HookingBrief;
import gyrotaxis.core.install.Method;
import gyrotaxis.core.plan.Consultation;
import gyrotaxis.core.plan.InstallBrief;
import gyrotaxis.core.quantity.Money;
import gyrotaxis.core.scalp.HeadMeasures;
import gyrotaxis.core.wear.Way;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.SplittableRandom;

/**
 * Makes up heads by chance, the harder the higher the level.
 *
 * <p>Level 1: straight rows that run to the nape or join at the ear line, no part. 2: a middle part. 3: a part aside, level rows behind. 4:
 * two parts, a perimeter braid, hair that goes up. 5: any of it, slanted parts and crossed backs too.
 */
final class MadeUp {
    private static final int HARDEST = 5;

    private final SplittableRandom random;
    private final int level;

    MadeUp(SplittableRandom random, int level) {
        this.random = random;
        this.level = level;
    }

    /** Any number in [from, to). */
    double between(double from, double to) {
        return from + (to - from) * random.nextDouble();
    }

    boolean oneIn(int n) {
        return random.nextInt(n) == 0;
    }

    <T> T one(List<T> of) {
        return of.get(random.nextInt(of.size()));
    }

    /** Some of them, as many as asked or all there are, in no order. */
    <T> List<T> some(List<T> of, int count) {
        List<T> left = new ArrayList<>(of);
        List<T> some = new ArrayList<>();
        while (some.size() < count && !left.isEmpty()) {
            some.add(left.remove(random.nextInt(left.size())));
        }
        return some;
    }

    /** A head with what is asked for on it. */
    InstallBrief head() {
        double size = between(0.93, 1.07);
        HeadMeasures measures = HeadMeasures.of(
                whole(565 * size * between(0.99, 1.01)),
                whole(360 * size * between(0.98, 1.02)),
                whole(330 * size * between(0.98, 1.02)));
        return InstallBrief.of(measures, rows(), hair(one(List.of(Texture.values()))))
                .withFullness(whole(10 * between(0.8, 1.2)) / 10)
                .withConsultation(asked())
                .withHooking(hooking());
    }

    /** A line of hair of a texture, its loops as thick as usual. */
    HairLine hair(Texture texture) {
        return hair(texture, false);
    }

    HairLine hair(Texture texture, boolean isCoated) {
        double lengthMm = 20 * random.nextInt(12, 23);
        return new HairLine(
                "Practice hair",
                texture,
                lengthMm,
                false,
                random.nextInt(8, 31),
                1,
                whole(texture.usualGramsPerM() * lengthMm / 100) / 10,
                Money.of(650, "EUR"),
                isCoated,
                List.of("ink"));
    }

    private static double whole(double x) {
        return Math.rint(x);
    }

    private FoundationBrief rows() {
        int front = 2 * random.nextInt(4, 6 + level / 2);
        FoundationBrief rows = FoundationBrief.of(front, back(front), 12).withRim(rim());
        List<WearingPart> parts = parts();
        return parts.isEmpty() ? rows : rows.withParts(parts, one(List.of(FlankSchool.values())));
    }

    private Back back(int front) {
        int kind = switch (level) {
            case 1, 2 -> 0;
            case 3, 4 -> random.nextInt(3);
            default -> random.nextInt(4);
        };
        return switch (kind) {
            case 1 -> new Back.Switchback(random.nextInt(3, 7), false, Back.FrontTails.THREADED);
            case 2 -> new Back.Switchback(random.nextInt(3, 7), false, Back.FrontTails.COLLECTED);
            case 3 -> new Back.CrossTied();
            default -> new Back.Straight(Math.max(3, front / 2 + (oneIn(2) ? 0 : 1)));
        };
    }

    private List<WearingPart> parts() {
        return switch (level) {
            case 1 -> List.of();
            case 2 -> List.of(WearingPart.straight(0));
            case 3 -> List.of(WearingPart.straight(aside()));
            case 4 -> List.of(WearingPart.straight(-WearingPart.SIDE_MM), WearingPart.straight(WearingPart.SIDE_MM));
            default -> List.of(slanted());
        };
    }

    private double aside() {
        return (oneIn(2) ? 1 : -1) * whole(between(20, 45));
    }

    private WearingPart slanted() {
        double from = aside();
        WearingPart straight = WearingPart.straight(from);
        double slant = -Math.signum(from) * between(0.1, 0.35);
        return new WearingPart(from, slant, straight.lengthMm());
    }

    private RimBrief rim() {
        RimBrief plain = RimBrief.plain();
        if (level < HARDEST - 1) {
            return plain;
        }
        return plain.withPerimeter(oneIn(2) ? RimBrief.Where.ALL_ROUND : RimBrief.Where.SIDES_AND_NAPE, 12);
    }

    private Consultation asked() {
        Consultation asked = Consultation.plain();
        if (level >= HARDEST - 1) {
            return asked.wornAs(EnumSet.of(Way.DOWN, oneIn(2) ? Way.HIGH_PONYTAIL : Way.BUN));
        }
        return level == 3 && oneIn(2)
                ? asked.falling(oneIn(2) ? Consultation.Fall.LEFT : Consultation.Fall.RIGHT)
                : asked;
    }

    private HookingBrief hooking() {
        HookingBrief usual = HookingBrief.usual();
        return level == HARDEST && oneIn(2) ? usual.by(Method.usual().with(Method.BearingFirst.FALL)) : usual;
    }
}
