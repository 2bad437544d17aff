package gyrotaxis.core.drilling;

import gyrotaxis.core.balance.Shows;
import gyrotaxis.core.install.Station;
import gyrotaxis.core.plan.InstallPlan;
import gyrotaxis.core.practice.Ask;
import gyrotaxis.core.practice.Ask.Choice;
import gyrotaxis.core.practice.Drill;
import gyrotaxis.core.quantity.Quantity;
import gyrotaxis.core.quantity.Sentence;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;

/** A head that is hooked with part of its shares, thin all over: does it cover already? */
final class FullEnough implements Maker {
    private static final String STOP = "stop";
    private static final String GO_ON = "go on";
    private static final List<Choice> CHOICES =
            List.of(Choice.of(STOP, "It covers: stop here"), Choice.of(GO_ON, "Skin shows: go on"));

    /** How far from the least that covers it is hooked, in parts of all shares, at the first level and at the last. */
    private static final double PLAINLY = 0.3;

    private static final double HARDLY = 0.06;

    @Override
    public Optional<Drill> make(Draft draft) {
        InstallPlan plan = draft.fullHead();
        List<Station> all = draft.by().some(plan.stations(), plan.stations().size());
        if (!Shows.of(draft.planner(), plan, all).covers()) {
            return Optional.empty();
        }
        int least = least(draft, plan, all);
        double apart = draft.narrowing(PLAINLY, HARDLY);
        int by = (int) Math.ceil(apart * all.size());
        boolean mayBeEnough = least + by <= all.size();
        boolean isEnough = mayBeEnough && (least - by < 1 || draft.by().oneIn(2));
        int hooked = isEnough ? least + by : least - by;
        if (hooked < 1) {
            return Optional.empty();
        }
        Set<Station> in = new HashSet<>(all.subList(0, hooked));
        InstallPlan partly = plan.hookedAs(
                plan.hooked().only(plan.stations().stream().filter(in::contains).toList()));
        double exposed = Shows.of(draft.planner(), plan, all.subList(0, hooked)).exposed();
        return Optional.of(draft.about(
                partly,
                Drill.Shows.COVER,
                Sentence.of(
                        "So far ",
                        hooked,
                        " shares are in, evenly all over, and it is worn down. Full enough, or go on?"),
                new Ask.Pick(CHOICES, true),
                new Picking(
                        CHOICES,
                        new TreeSet<>(List.of(isEnough ? STOP : GO_ON)),
                        id -> reason(hooked, least, exposed))));
    }

    /** The fewest of them, in their order, that cover; each more covers more. */
    private static int least(Draft draft, InstallPlan plan, List<Station> all) {
        int bare = 0;
        int covers = all.size();
        while (covers - bare > 1) {
            int middle = (bare + covers) / 2;
            if (Shows.of(draft.planner(), plan, all.subList(0, middle)).covers()) {
                covers = middle;
            } else {
                bare = middle;
            }
        }
        return covers;
    }

    private static Sentence reason(int hooked, int least, double exposed) {
        Sentence skin = Sentence.of(Quantity.part(exposed), " of the skin is seen where most shows");
        return hooked >= least
                ? Sentence.of(skin, ", and no gap is left: ", hooked - least, " shares ago it covered already.")
                : Sentence.of(skin, ", and gaps are left: it takes about ", least - hooked, " more.");
    }
}
