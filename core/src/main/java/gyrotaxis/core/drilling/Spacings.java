package gyrotaxis.core.drilling;

import gyrotaxis.core.balance.Shows;
import gyrotaxis.core.hair.HairLine;
import gyrotaxis.core.install.HookingBrief;
import gyrotaxis.core.install.HookingException;
import gyrotaxis.core.install.SeatedShare;
import gyrotaxis.core.install.Zone;
import gyrotaxis.core.install.ZoneWish;
import gyrotaxis.core.plan.InstallPlan;
import gyrotaxis.core.plan.Planner;
import gyrotaxis.core.practice.Answer;
import gyrotaxis.core.practice.Ask;
import gyrotaxis.core.practice.Ask.Gauge;
import gyrotaxis.core.practice.Drill;
import gyrotaxis.core.practice.Key;
import gyrotaxis.core.practice.Verdict;
import gyrotaxis.core.quantity.Interval;
import gyrotaxis.core.quantity.Quantity;
import gyrotaxis.core.quantity.Sentence;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/**
 * How far apart shares are hooked, zone by zone, for a wish. What is said is planned and worn, as any plan: right is whatever leaves no
 * gap and comes as near to the wish as the level asks, however it is graded.
 */
final class Spacings implements Maker {
    private static final double STEP_MM = 1;

    /** So far from the wish is right, in parts of it, at the first level and at the last. */
    private static final double ROUGHLY = 0.22;

    private static final double NEARLY = 0.08;

    @Override
    public Optional<Drill> make(Draft draft) {
        InstallPlan plan = draft.fullHead();
        Shows usual = Shows.of(draft.planner(), plan, plan.stations());
        boolean isEverywhere = Arrays.stream(Zone.values())
                .allMatch(z -> plan.stations().stream().anyMatch(s -> s.zone() == z));
        if (!usual.covers() || !isEverywhere) {
            return Optional.empty();
        }
        List<Gauge> gauges =
                Arrays.stream(Zone.values()).map(z -> gauge(plan, z)).toList();
        Hung key = new Hung(draft.planner(), plan, gauges, usual, draft.narrowing(ROUGHLY, NEARLY));
        if (!key.judge(key.solution()).isRight()) {
            // In whole millimetres the planned spacings themselves would be too far off: too near to undecided.
            return Optional.empty();
        }
        HairLine hair = plan.brief().hair();
        return Optional.of(draft.about(
                plan,
                Drill.Shows.ROWS,
                Sentence.of(
                        hair.texture().words(),
                        " of ",
                        Quantity.mm(hair.lengthMm()),
                        ", worn down, ",
                        Quantity.part(usual.fullness()),
                        " as full as a full head, and no gap. How far apart are shares hooked, from middle to middle?"),
                new Ask.Numbers(gauges, "mm"),
                key));
    }

    private static Gauge gauge(InstallPlan plan, Zone zone) {
        double mm = plan.hooked().spacingMm(zone);
        double knot = SeatedShare.widthMm(
                plan.brief().hair(), plan.hooked().plan().setting(zone).share());
        Interval range = new Interval(
                Math.ceil(Math.max(knot, mm / ZoneWish.CLOSER.max())), Math.floor(mm / ZoneWish.CLOSER.min()));
        String words =
                zone.words() + ", " + plan.hooked().plan().setting(zone).share().words();
        return new Gauge(words, range, STEP_MM);
    }

    private record Hung(Planner planner, InstallPlan plan, List<Gauge> gauges, Shows usual, double within)
            implements Key {
        @Override
        public Answer.SaidOfEach solution() {
            return new Answer.SaidOfEach(Arrays.stream(Zone.values())
                    .map(z -> gauges.get(z.ordinal())
                            .range()
                            .clamp(Math.rint(plan.hooked().spacingMm(z))))
                    .toList());
        }

        @Override
        public Verdict judge(Answer answer) {
            List<Double> said = Answers.saidOfEach(answer, gauges.size());
            InstallPlan so;
            try {
                so = planner.aside(plan.brief().withHooking(spaced(said)));
            } catch (HookingException tooClose) {
                return new Verdict(false, 0, tooClose.said(), solution());
            }
            Shows shows = Shows.of(planner, so, so.stations());
            double off = Math.abs(shows.fullness() / usual.fullness() - 1);
            Sentence came = Sentence.of(
                    so.hooked().loops(),
                    " loops, ",
                    Quantity.part(shows.fullness()),
                    " as full as a full head, ",
                    shows.covers() ? "and no gap" : Quantity.part(shows.exposed()),
                    shows.covers() ? "." : " of the skin seen where most shows.");
            Sentence planned = Sentence.of(
                    " The planner takes ",
                    plan.hooked().loops(),
                    " loops: the closer to the front, the closer they sit.");
            boolean isRight = shows.covers() && off <= within;
            double near = Math.max(0, 1 - off);
            return new Verdict(
                    isRight, shows.covers() ? near : near / 2, isRight ? came : Sentence.of(came, planned), solution());
        }

        private HookingBrief spaced(List<Double> said) {
            HookingBrief asked = plan.brief().hooking();
            for (Zone z : Zone.values()) {
                double mm = gauges.get(z.ordinal()).range().clamp(said.get(z.ordinal()));
                asked = asked.wishing(z, ZoneWish.NONE.closerBy(plan.hooked().spacingMm(z) / mm));
            }
            return asked;
        }
    }
}
