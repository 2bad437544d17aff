package gyrotaxis.core.hooking;

import gyrotaxis.core.hair.HairLine;
import gyrotaxis.core.hair.Share;
import gyrotaxis.core.hair.Slip;
import gyrotaxis.core.install.Method;
import gyrotaxis.core.install.Role;
import gyrotaxis.core.knot.Demand;
import gyrotaxis.core.knot.ExtraHold;
import gyrotaxis.core.knot.Hold;
import gyrotaxis.core.knot.Knot;
import gyrotaxis.core.knot.Tie;
import gyrotaxis.core.row.RowId;
import java.util.OptionalInt;
import java.util.Set;

/**
 * Chooses how a share is tied: first by what will be seen, then as many passes as it takes to last, then extra hold where passes
 * do not do. A hairline that must stand wind gets two holds beyond its passes.
 *
 * @param method decides between hidden knots
 * @param demand what the hair has to stand
 * @param knotless rows that are hooked without any knot
 */
record KnotChooser(Method method, Demand demand, Set<RowId> knotless) {
    private static final Share SMALL = Share.THIRD;

    /** What a hairline gets that must stand wind: later hair covers the leg that is carried back. */
    private static final Set<ExtraHold> IN_WIND = Set.of(ExtraHold.FINGER_TURN, ExtraHold.CARRIED_BACK);

    KnotChooser(Method method, Demand demand) {
        this(method, demand, Set.of());
    }

    /** How a share is tied on a row; on one that she wants without knots the row lies between its legs. */
    Tie choose(RowId row, Role role, Share share, HairLine hair) {
        return knotless.contains(row) ? Tie.of(Knot.DOUBLE_ENTRY, 1) : choose(role, share, hair);
    }

    /** How a share is tied on a row that may have knots. */
    Tie choose(Role role, Share share, HairLine hair) {
        return choose(role, share, hair, hair.hasBead());
    }

    /** How a share is tied that was split from a loop whose bead another has. */
    Tie withoutBead(Role role, Share share, HairLine hair) {
        return choose(role, share, hair, false);
    }

    private Tie choose(Role role, Share share, HairLine hair, boolean hasBead) {
        Slip slip = hair.fibre().slip();
        Knot knot = knot(role, share, hair, hasBead);
        boolean isUsual = role == Role.PERIMETER && knot == Knot.DOUBLE_ENTRY;
        if (isUsual && !Hold.wouldLast(slip, share, Tie.of(knot, 1), demand)) {
            // It has no passes to hold by: where the fibre slides, a single leg hides as well and can be passed. What
            // was
            // wished for beside parts stays.
            knot = Knot.INVISIBLE;
        }
        OptionalInt own = method.knots().passesOf(hair.texture());
        Tie tie = first(knot, own.isPresent() && knot.hasPasses() ? own.getAsInt() : least(role, knot), slip);
        while (own.isEmpty()
                && knot.hasPasses()
                && tie.passes() < Tie.USEFUL_PASSES
                && !Hold.wouldLast(slip, share, tie, demand)) {
            tie = tie.passing(tie.passes() + 1);
        }
        if (own.isEmpty() && knot.hasPasses() && demand.morePasses() != 0) {
            int seen = tie.passes() + demand.morePasses();
            tie = tie.passing(Math.max(least(role, knot), Math.min(Tie.USEFUL_PASSES, seen)));
        }
        if (demand.isWindy() && role == Role.HAIRLINE) {
            tie = tie.holding(IN_WIND);
        }
        for (ExtraHold more : ExtraHold.values()) {
            boolean fits = more.fits(knot);
            if (fits && knot.hasPasses() && !Hold.wouldLast(slip, share, tie, demand)) {
                tie = tie.alsoHolding(more);
            }
        }
        return isDeepSet(role) ? tie.deepSet() : tie;
    }

    /** Of a single leg the more goes through the more it slides. ASSUMPTION, within what is taught. */
    private static Tie first(Knot knot, int passes, Slip slip) {
        Tie tie = Tie.of(knot, passes);
        if (knot != Knot.INVISIBLE) {
            return tie;
        }
        return switch (slip) {
            case GRIPPY -> tie.through(Tie.SINGLE_LEG.min());
            case MIDDLING -> tie;
            case SLIDING -> tie.through(Tie.SINGLE_LEG.max());
        };
    }

    private Knot knot(Role role, Share share, HairLine hair, boolean hasBead) {
        boolean slides = hair.fibre().slip() == Slip.SLIDING;
        return switch (role) {
            case PART -> method.knots().part() == Method.PartKnot.DOUBLE_ENTRY ? Knot.DOUBLE_ENTRY : Knot.INVISIBLE;
            case HAIRLINE ->
                method.knots().hairline() == Method.HairlineKnot.TINY_TWICE ? Knot.REGULAR : Knot.INVISIBLE;
            case PERIMETER ->
                demand.goesUp() && method.knots().updo() == Method.UpdoKnot.DOUBLE_ENTRY
                        ? Knot.DOUBLE_ENTRY
                        : Knot.INVISIBLE;
            default -> {
                if (hasBead) {
                    yield Knot.BEAD;
                }
                if (method.knots().hidden() == Method.HiddenKnot.SINGLE_LEG) {
                    yield Knot.INVISIBLE;
                }
                yield slides && share.compareTo(SMALL) >= 0 ? Knot.TWIST_FIRST : Knot.REGULAR;
            }
        };
    }

    private int least(Role role, Knot knot) {
        return role == Role.HAIRLINE && knot == Knot.REGULAR ? 2 : 1;
    }

    private boolean isDeepSet(Role role) {
        return role == Role.HAIRLINE && method.shares().rowStart() == Method.RowStart.FULL;
    }
}
