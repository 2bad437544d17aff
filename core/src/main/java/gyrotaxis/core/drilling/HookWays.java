package gyrotaxis.core.drilling;

import gyrotaxis.core.geometry.Vec2;
import gyrotaxis.core.hooking.Hooker;
import gyrotaxis.core.install.Bearing.Rule;
import gyrotaxis.core.install.Station;
import gyrotaxis.core.plan.InstallPlan;
import gyrotaxis.core.plan.Planner;
import gyrotaxis.core.practice.Answer;
import gyrotaxis.core.practice.Answer.Aimed;
import gyrotaxis.core.practice.Ask;
import gyrotaxis.core.practice.Drill;
import gyrotaxis.core.practice.Key;
import gyrotaxis.core.practice.Verdict;
import gyrotaxis.core.practice.Verdict.Lie;
import gyrotaxis.core.quantity.Sentence;
import gyrotaxis.core.wear.FallenHair;
import gyrotaxis.core.wear.Worn;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Which way the hook goes in at a place that the planner has hooked, where no rule contradicts another. */
final class HookWays implements Maker {
    /** A hook that leans no further than this from the way lies its knot on the same side. ASSUMPTION. */
    static final double RIGHT_WITHIN_RAD = Math.toRadians(50);

    /** From here on it goes in against the way rather than across it. */
    private static final double AGAINST_RAD = Math.toRadians(120);

    /** So far from the middle of its row a knot comes to lie, mm. ASSUMPTION: half a row, and half the knot. */
    private static final double KNOT_MM = 7;

    /** A step on the scalp that gives a direction on the map, mm. */
    private static final double STEP_MM = 3;

    @Override
    public Optional<Drill> make(Draft draft) {
        InstallPlan plan = draft.head();
        Rule rule = draft.by().one(List.copyOf(asked(draft.level())));
        List<Station> places = plan.stations().stream()
                .filter(s -> s.bearing().rule() == rule && !s.bearing().isContested())
                .toList();
        if (places.isEmpty()) {
            return Optional.empty();
        }
        Station s = draft.by().one(places);
        return Optional.of(draft.about(
                plan,
                Drill.Shows.ROWS,
                question(plan),
                new Ask.Aim(s.chart(), s.id().row()),
                new Entry(draft.planner(), plan, s)));
    }

    private static Set<Rule> asked(int level) {
        return switch (level) {
            case 1 -> EnumSet.of(Rule.FALL);
            case 2, 3 -> EnumSet.of(Rule.FALL, Rule.PART);
            case 4 -> EnumSet.of(Rule.PART, Rule.UPDO);
            default -> EnumSet.of(Rule.FALL, Rule.PART, Rule.UPDO);
        };
    }

    private static Sentence question(InstallPlan plan) {
        String parts = plan.foundation().parts().isEmpty() ? "no part" : "the part as drawn";
        String up = plan.brief().consultation().goesUp() ? ", and it is to go up" : "";
        return Sentence.of(
                "Worn with ",
                parts,
                ", the rest falling ",
                plan.brief().consultation().fall().words(),
                up,
                "; this method puts ",
                plan.brief().hooking().method().bearing().words(),
                " first. Which way does the hook go in here?");
    }

    /** Which way it goes in, on the map, from straight to the face round by her right, rad. */
    static double towardRad(InstallPlan plan, Station s) {
        Vec2 on = plan.scalp()
                .chart()
                .project(plan.scalp()
                        .surface()
                        .inDirection(s.space().plus(s.bearing().entry().times(STEP_MM))));
        Vec2 way = on.minus(s.chart());
        return Math.atan2(way.x(), way.y());
    }

    private record Entry(Planner planner, InstallPlan plan, Station station) implements Key {
        @Override
        public Aimed solution() {
            return new Aimed(towardRad(plan, station));
        }

        @Override
        public Verdict judge(Answer answer) {
            double toward = Answers.aimed(answer).towardRad();
            double off = Math.abs(Math.IEEEremainder(toward - solution().towardRad(), 2 * Math.PI));
            boolean isRight = off <= RIGHT_WITHIN_RAD;
            return new Verdict(
                    isRight,
                    1 - off / Math.PI,
                    Sentence.of(why(), isRight ? "" : otherwise(off)),
                    solution(),
                    List.of(
                            lie(solution().towardRad(), false),
                            lie(toward, station.bearing().rule() == Rule.FALL)));
        }

        /**
         * How the share lies once it is hooked in a direction: its knot where the hook went in. Beside a part and at an edge hair falls as it is
         * parted or drawn, whichever way it was hooked; elsewhere it sets out the way it was thrown.
         */
        private Lie lie(double toward, boolean isThrown) {
            Station so = isThrown ? Hooker.thrown(plan.scalp(), station, toward) : station;
            Worn worn = station.part() == Station.NO_PART
                    ? Worn.all(plan.foundation()).get(0)
                    : Worn.parted(station.part());
            FallenHair hair = planner.hair(plan.hookedAs(plan.hooked().only(List.of(so))), worn, 0)
                    .get(0);
            List<Vec2> line = hair.line().subList(0, Math.max(1, hair.onHead())).stream()
                    .map(plan.scalp().chart()::project)
                    .toList();
            Vec2 in = new Vec2(Math.sin(toward), Math.cos(toward));
            return new Lie(line, station.chart().minus(in.times(KNOT_MM)));
        }

        private String why() {
            String words = station.bearing().words();
            String way = Character.toUpperCase(words.charAt(0)) + words.substring(1);
            return switch (station.bearing().rule()) {
                case PART -> way + ": the knot then lies on the far side of the row from what is seen.";
                case UPDO -> way + ": drawn up, the edge is what is seen.";
                default -> way + ": no part and no edge decides here, so it is hooked the way it is to fall.";
            };
        }

        private String otherwise(double off) {
            return switch (station.bearing().rule()) {
                case PART -> " Hooked as you aimed, the knot lies on the near side and shows in the part.";
                case UPDO -> " Hooked as you aimed, its knot shows once the edge is drawn up.";
                default ->
                    off >= AGAINST_RAD
                            ? " Hooked against its fall the loop stands up before it turns."
                            : " Hooked across its fall the loop lies on its side and turns over the row.";
            };
        }
    }
}
