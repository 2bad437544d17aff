package gyrotaxis.core.drilling;

import gyrotaxis.core.braiding.Braiding.Bind;
import gyrotaxis.core.geometry.Path;
import gyrotaxis.core.geometry.Vec2;
import gyrotaxis.core.plan.InstallPlan;
import gyrotaxis.core.practice.Answer;
import gyrotaxis.core.practice.Ask;
import gyrotaxis.core.practice.Ask.Choice;
import gyrotaxis.core.practice.Drill;
import gyrotaxis.core.practice.Key;
import gyrotaxis.core.practice.Verdict;
import gyrotaxis.core.quantity.Sentence;
import gyrotaxis.core.row.RowId;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.jgrapht.alg.TransitiveClosure;
import org.jgrapht.graph.DefaultEdge;
import org.jgrapht.graph.SimpleDirectedGraph;

/**
 * Some rows of a head, to be put in the order in which they are braided, or undone. Every order is right that keeps what binds them, by
 * rows in between as well.
 */
final class RowOrders implements Maker {
    private static final int MIN = 2;

    private final boolean isUndone;

    /** @param isUndone whether they are taken out: what was braided in last comes out first */
    RowOrders(boolean isUndone) {
        this.isUndone = isUndone;
    }

    @Override
    public Optional<Drill> make(Draft draft) {
        InstallPlan plan = draft.head();
        List<Bind> binds = plan.braiding().binds(plan.foundation());
        if (binds.isEmpty()) {
            return Optional.empty();
        }
        int count = MIN + draft.level();
        Set<RowId> rows = new LinkedHashSet<>();
        for (Bind b : draft.by().some(binds, binds.size())) {
            if (rows.size() + 2 <= count + 1) {
                rows.add(b.first());
                rows.add(b.then());
            }
        }
        List<Bind> bound = closure(binds).stream()
                .filter(b -> rows.contains(b.first()) && rows.contains(b.then()))
                .map(b -> isUndone ? new Bind(b.then(), b.first()) : b)
                .toList();
        List<RowId> shown = draft.by().some(List.copyOf(rows), rows.size());
        if (broken(shown, bound).isEmpty()) {
            // What is shown first must not be right already.
            return Optional.empty();
        }
        List<Choice> choices =
                shown.stream().map(id -> Choice.of(id, middle(plan, id))).toList();
        String asked = isUndone
                ? "These rows are to be undone. Which comes out first, which next?"
                : "These rows are to be braided. Which comes first, which next?";
        return Optional.of(draft.about(
                plan,
                Drill.Shows.TAILS,
                Sentence.of(asked),
                new Ask.Order(choices),
                new Bound(plan, choices, bound, isUndone)));
    }

    private static Vec2 middle(InstallPlan plan, RowId id) {
        Path path = plan.foundation().row(id).orElseThrow().path();
        return path.chartAt(path.lengthMm() / 2);
    }

    /** What binds them by way of other rows, too. */
    static List<Bind> closure(List<Bind> binds) {
        SimpleDirectedGraph<RowId, DefaultEdge> graph = new SimpleDirectedGraph<>(DefaultEdge.class);
        for (Bind b : binds) {
            graph.addVertex(b.first());
            graph.addVertex(b.then());
            graph.addEdge(b.first(), b.then());
        }
        TransitiveClosure.INSTANCE.closeSimpleDirectedGraph(graph);
        return graph.edgeSet().stream()
                .map(e -> new Bind(graph.getEdgeSource(e), graph.getEdgeTarget(e)))
                .toList();
    }

    private static List<Bind> broken(List<RowId> order, List<Bind> bound) {
        return bound.stream()
                .filter(b -> order.indexOf(b.first()) > order.indexOf(b.then()))
                .toList();
    }

    private record Bound(InstallPlan plan, List<Choice> choices, List<Bind> bound, boolean isUndone) implements Key {
        @Override
        public Answer.Ordered solution() {
            List<RowId> order =
                    isUndone ? plan.braiding().takedown() : plan.braiding().order();
            return new Answer.Ordered(order.stream()
                    .map(RowId::toString)
                    .filter(id -> choices.stream().anyMatch(c -> c.id().equals(id)))
                    .toList());
        }

        @Override
        public Verdict judge(Answer answer) {
            List<RowId> order = new ArrayList<>();
            Answers.ordered(answer, choices)
                    .forEach(id -> order.add(RowId.parse(id).orElseThrow()));
            List<Bind> broken = broken(order, bound);
            double score = 1 - broken.size() / (double) bound.size();
            return new Verdict(broken.isEmpty(), score, reason(broken), solution());
        }

        private Sentence reason(List<Bind> broken) {
            Bind b = broken.isEmpty() ? bound.get(0) : broken.get(0);
            return isUndone
                    ? Sentence.of(
                            "The end of ",
                            b.then().words(),
                            " is held by ",
                            b.first().words(),
                            ", so that comes out first.")
                    : Sentence.of(
                                    b.first().words(),
                                    " ends in ",
                                    b.then().words(),
                                    ", so it has to be there when that is braided.")
                            .capital();
        }
    }
}
