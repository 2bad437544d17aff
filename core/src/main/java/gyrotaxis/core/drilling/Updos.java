package gyrotaxis.core.drilling;

import static java.util.stream.Collectors.toMap;

import gyrotaxis.core.plan.InstallPlan;
import gyrotaxis.core.practice.Ask;
import gyrotaxis.core.practice.Ask.Choice;
import gyrotaxis.core.practice.Drill;
import gyrotaxis.core.quantity.Quantity;
import gyrotaxis.core.quantity.Sentence;
import gyrotaxis.core.row.RowId;
import gyrotaxis.core.wear.UpdoView;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.TreeSet;
import java.util.function.Function;
import java.util.stream.Collectors;

/** Which updos a head carries as it is laid and hooked. */
final class Updos implements Maker {
    /** One way more than this is asked about at the first level, and one more at each. */
    private static final int MIN = 2;

    /** No way is asked about whose bare edge is nearer than this to what is hidden, at the first level and at the last. */
    private static final double PLAINLY = 0.09;

    private static final double HARDLY = 0.03;

    @Override
    public Optional<Drill> make(Draft draft) {
        InstallPlan plan = draft.edgedHead();
        double margin = draft.narrowing(PLAINLY, HARDLY);
        int asked = Math.min(plan.updos().size(), MIN + draft.level());
        List<UpdoView> plain = plan.updos().stream()
                .filter(v -> Math.abs(v.bareShare() - UpdoView.MAX_BARE) >= margin)
                .toList();
        if (plain.size() < asked) {
            // Of fewer ways a guess is right more often than it was a level before.
            return Optional.empty();
        }
        List<UpdoView> clear = draft.by().some(plain, asked).stream()
                .sorted(Comparator.comparing(UpdoView::way))
                .toList();
        Map<String, UpdoView> byId = clear.stream().collect(toMap(v -> v.way().name(), Function.identity()));
        TreeSet<String> right = clear.stream()
                .filter(UpdoView::works)
                .map(v -> v.way().name())
                .collect(Collectors.toCollection(TreeSet::new));
        if (right.isEmpty() || right.size() == clear.size()) {
            return Optional.empty();
        }
        List<Choice> choices = clear.stream()
                .map(v -> Choice.of(v.way().name(), v.way().words()))
                .toList();
        return Optional.of(draft.about(
                plan,
                Drill.Shows.TAILS,
                Sentence.of(
                        "She wants to wear it up. In which of these ways is neither scalp nor a tail seen at the edge?"),
                new Ask.Pick(choices, false),
                new Picking(choices, right, id -> why(Objects.requireNonNull(byId.get(id))))));
    }

    private static Sentence why(UpdoView v) {
        Sentence way = Sentence.of(v.way().words(), ": ").capital();
        Sentence bare = Sentence.of(way, Quantity.part(v.bareShare()), " of the edge that it shows is bare scalp");
        if (v.works()) {
            return Sentence.of(bare, ", and what is combed over it hides that.");
        }
        if (v.tailsShowing().isEmpty()) {
            return Sentence.of(bare, ", more than hair combed over it hides. A braid or singles along the edge would.");
        }
        String tails = v.tailsShowing().stream().map(RowId::words).collect(Collectors.joining(", "));
        return Sentence.of(bare, ", and tails end where they are seen: ", tails, ".");
    }
}
