package gyrotaxis.core.practice;

import gyrotaxis.core.braiding.Tail;
import gyrotaxis.core.geometry.Path;
import gyrotaxis.core.geometry.Vec2;
import gyrotaxis.core.install.Station;
import gyrotaxis.core.knot.Knot;
import gyrotaxis.core.plan.InstallPlan;
import gyrotaxis.core.practice.Ask.Choice;
import gyrotaxis.core.quantity.Sentence;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.TreeSet;

/** At takedown: which threads that hang from the rows are fibre, and which are the tails of her own hair. */
final class MayBeCut implements Maker {
    private static final int FEWEST = 3;

    @Override
    public Optional<Drill> make(Draft draft) {
        InstallPlan plan = draft.head();
        List<Tail> tails = plan.braiding().tails();
        int count = FEWEST + draft.level();
        List<Tail> own = draft.by().some(tails, 1 + draft.level() / 2);
        List<Station> fibre = draft.by().some(plan.stations(), count - own.size());
        if (own.isEmpty() || fibre.isEmpty()) {
            return Optional.empty();
        }
        Map<String, Sentence> reasons = new TreeMap<>();
        TreeSet<String> right = new TreeSet<>();
        List<Choice> choices = new ArrayList<>();
        for (Station s : fibre) {
            String id = "share " + s.id();
            right.add(id);
            choices.add(new Choice(id, look(s), Optional.of(s.id().row()), Optional.of(s.chart())));
            reasons.put(
                    id,
                    Sentence.of(
                            "A share on ",
                            s.id().row().words(),
                            ": ",
                            look(s),
                            ". It is fibre, and is cut close to the row."));
        }
        for (Tail t : own) {
            String id = "tail " + t.row();
            choices.add(new Choice(id, look(t), Optional.of(t.row()), Optional.of(at(plan, t))));
            reasons.put(
                    id,
                    Sentence.of(
                            "The tail of ",
                            t.row().words(),
                            ", ",
                            t.end().words(),
                            t.into().map(r -> " " + r.words()).orElse(""),
                            ": her own hair. Find and mark every tail before the first cut."));
        }
        List<Choice> shown = choices.stream()
                .sorted(Comparator.comparing((Choice c) -> -c.at().orElseThrow().y())
                        .thenComparing(Choice::id))
                .toList();
        return Optional.of(draft.about(
                plan,
                Drill.Shows.ROWS,
                Sentence.of("She is to be taken down. Which of these may be cut?"),
                new Ask.Pick(shown, false),
                new Picking(shown, right, reasons::get)));
    }

    private static String look(Station s) {
        return s.tie().knot() == Knot.DOUBLE_ENTRY
                ? "no knot, a leg at each side of the row"
                : "two legs from one knot on the row";
    }

    private static String look(Tail t) {
        return switch (t.end()) {
            case FED, LAID -> "a thickening in the row, one end that comes out of it";
            case THREADED -> "one end that comes out beside the row, with no knot";
            case STITCHED -> "one end under thread of another colour";
            case PINNED -> "one end laid flat under a pin";
            case BANDED, PONYTAIL -> "ends held by a band";
            case LOOSE, TOO_SHORT -> "one loose end at the end of the row";
        };
    }

    private static Vec2 at(InstallPlan plan, Tail t) {
        if (t.into().isPresent()) {
            Path into = plan.foundation().row(t.into().get()).orElseThrow().path();
            return into.chartAt(Math.min(t.entryMm(), into.lengthMm()));
        }
        Path own = plan.foundation().row(t.row()).orElseThrow().path();
        return own.chartAt(own.lengthMm());
    }
}
