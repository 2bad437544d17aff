package gyrotaxis.core.drilling;

import gyrotaxis.core.braiding.Tail;
import gyrotaxis.core.foundation.Row;
import gyrotaxis.core.geometry.Vec2;
import gyrotaxis.core.plan.InstallPlan;
import gyrotaxis.core.practice.Ask;
import gyrotaxis.core.practice.Ask.Choice;
import gyrotaxis.core.practice.Drill;
import gyrotaxis.core.quantity.Quantity;
import gyrotaxis.core.quantity.Sentence;
import gyrotaxis.core.row.RowId;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.TreeSet;

/** Where most lies on top of each other, among places where tails enter. */
final class Humps implements Maker {
    /** Places nearer to each other than this are one, mm. ASSUMPTION: a finger and a half. */
    static final double APART_MM = 28;

    private static final int MIN = 2;

    /** The bulkiest has to be so much bulkier than the next, at the first level and at the last. */
    private static final double PLAINLY = 0.5;

    private static final double HARDLY = 0.12;

    @Override
    public Optional<Drill> make(Draft draft) {
        InstallPlan plan = draft.head();
        List<Tail> entering = plan.braiding().tails().stream()
                .filter(t -> t.into().isPresent())
                .sorted(Comparator.comparingDouble(Tail::bulk).reversed().thenComparing(Tail::row))
                .toList();
        List<Spot> spots = new ArrayList<>();
        for (Tail t : entering) {
            Row into = plan.foundation().row(t.into().orElseThrow()).orElseThrow();
            Vec2 at = into.path().chartAt(Math.min(t.entryMm(), into.lengthMm()));
            if (spots.stream().allMatch(s -> s.at.distance(at) > APART_MM)) {
                spots.add(new Spot(t, into.id(), at));
            }
        }
        if (spots.isEmpty()) {
            return Optional.empty();
        }
        Spot most = spots.get(0);
        double margin = draft.narrowing(PLAINLY, HARDLY);
        List<Spot> shown = new ArrayList<>(draft.by()
                .some(
                        spots.stream()
                                .filter(s -> s.tail.bulk() + margin <= most.tail.bulk())
                                .toList(),
                        MIN - 1 + draft.level()));
        if (shown.isEmpty()) {
            return Optional.empty();
        }
        shown.add(most);
        List<Choice> choices =
                draft.by().some(shown, shown.size()).stream().map(Spot::choice).toList();
        return Optional.of(draft.about(
                plan,
                Drill.Shows.TAILS,
                Sentence.of("Tails end at each of these places. At which does most lie on top of each other?"),
                new Ask.Pick(choices, true),
                new Picking(
                        choices,
                        new TreeSet<>(List.of(most.id())),
                        id -> why(
                                most,
                                shown.stream()
                                        .filter(s -> s.id().equals(id))
                                        .findFirst()
                                        .orElseThrow()))));
    }

    private static Sentence why(Spot most, Spot touched) {
        Sentence right = Sentence.of(
                "Most lies on ", most.into.words(), ": ", Quantity.times(most.tail.bulk()), " a single row");
        return touched.equals(most)
                ? Sentence.of(right, ".")
                : Sentence.of(right, "; where you touched it, ", Quantity.times(touched.tail.bulk()), ".");
    }

    /** A place at which a tail enters a row. */
    private record Spot(Tail tail, RowId into, Vec2 at) {
        String id() {
            return tail.row().toString();
        }

        Choice choice() {
            return new Choice(id(), "on " + into.words(), Optional.of(into), Optional.of(at));
        }
    }
}
