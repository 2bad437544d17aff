package gyrotaxis.core.drilling;

import gyrotaxis.core.braiding.Reach;
import gyrotaxis.core.foundation.Row;
import gyrotaxis.core.geometry.Vec2;
import gyrotaxis.core.ownhair.HairDensity;
import gyrotaxis.core.ownhair.OwnHair;
import gyrotaxis.core.plan.InstallPlan;
import gyrotaxis.core.practice.Answer;
import gyrotaxis.core.practice.Ask;
import gyrotaxis.core.practice.Ask.Choice;
import gyrotaxis.core.practice.Drill;
import gyrotaxis.core.practice.Key;
import gyrotaxis.core.practice.Verdict;
import gyrotaxis.core.quantity.Quantity;
import gyrotaxis.core.quantity.Sentence;
import gyrotaxis.core.row.Section;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/**
 * Singles along the nape, the end of each to be fed into the next, so that one loose end is left. Every order is right in which each
 * end gets there: with hair this long it does not get everywhere.
 */
final class Singles implements Maker {
    private static final int MIN = 3;

    /** Ends reach so much further than the longest way of a chain along the nape, at the first level and at the last. */
    private static final double EASILY = 1.5;

    private static final double BARELY = 1.08;

    /** From here on it is said how long her hair is, and no longer how far an end of it gets. */
    private static final int BY_HAIR_FROM = 3;

    private static final double STEP_MM = 5;

    @Override
    public Optional<Drill> make(Draft draft) {
        InstallPlan plan = draft.headOfSingles();
        List<Row> singles = plan.foundation().rowsOf(Section.INDIVIDUAL).stream()
                .sorted(Comparator.comparingDouble(r -> root(r).x()))
                .toList();
        int count = MIN + draft.level();
        if (singles.size() < count) {
            return Optional.empty();
        }
        int from = (int) draft.by().between(0, singles.size() - count + 1);
        List<Row> chain = singles.subList(from, from + count);
        double longest = IntStream.range(1, count)
                .mapToDouble(i -> Reach.way(chain.get(i - 1), chain.get(i)).lengthMm())
                .max()
                .orElseThrow();
        double hairMm = OwnHair.LENGTH_MM.clamp(
                STEP_MM * Math.ceil(Reach.hairMm(longest * draft.narrowing(EASILY, BARELY)) / STEP_MM));
        Reach reach = Reach.of(OwnHair.of(HairDensity.MEDIUM, hairMm, Set.of()));
        List<Row> shown = draft.by().some(chain, count);
        if (longest > reach.mm() || farthest(shown, reach) < 0) {
            // What is shown first must not be right already.
            return Optional.empty();
        }
        List<Choice> choices = shown.stream()
                .map(r -> new Choice(r.id().toString(), "a single", Optional.of(r.id()), Optional.of(root(r))))
                .toList();
        Sentence hair = draft.level() < BY_HAIR_FROM
                ? Sentence.of("An end of her hair gets ", Quantity.mm(reach.mm()), " far and still holds")
                : Sentence.of("Her own hair is ", Quantity.mm(hairMm), " long");
        return Optional.of(draft.about(
                plan,
                Drill.Shows.ROWS,
                Sentence.of(
                        hair,
                        ". The end of each single is fed into the next, so that one alone is left. In which order?"),
                new Ask.Order(choices),
                new Chain(chain, choices, hairMm, reach)));
    }

    private static Vec2 root(Row single) {
        return single.path().chart().get(0);
    }

    /** The first of a chain whose end does not get to the next; −1 where all do. */
    private static int farthest(List<Row> order, Reach reach) {
        return IntStream.range(1, order.size())
                .filter(i -> Reach.way(order.get(i - 1), order.get(i)).lengthMm() > reach.mm())
                .map(i -> i - 1)
                .findFirst()
                .orElse(-1);
    }

    private record Chain(List<Row> along, List<Choice> choices, double hairMm, Reach reach) implements Key {
        @Override
        public Answer.Ordered solution() {
            return new Answer.Ordered(along.stream().map(r -> r.id().toString()).toList());
        }

        @Override
        public Verdict judge(Answer answer) {
            Map<String, Row> byId =
                    along.stream().collect(Collectors.toMap(r -> r.id().toString(), Function.identity()));
            List<Row> order = Answers.ordered(answer, choices).stream()
                    .map(id -> Objects.requireNonNull(byId.get(id)))
                    .toList();
            int stuck = farthest(order, reach);
            long held = IntStream.range(1, order.size())
                    .filter(i -> Reach.way(order.get(i - 1), order.get(i)).lengthMm() <= reach.mm())
                    .count();
            double score = held / (double) (order.size() - 1);
            Sentence far = Sentence.of(
                    "Hair of ",
                    Quantity.mm(hairMm),
                    " is about ",
                    Quantity.mm(reach.tailMm()),
                    " once it is plaited, and two fingers of it must be left beyond where it goes in: it gets ",
                    Quantity.mm(reach.mm()),
                    " far");
            return new Verdict(
                    stuck < 0,
                    score,
                    stuck < 0
                            ? Sentence.of(far, ", and no step is longer. One end is left, to be stitched down.")
                            : Sentence.of(
                                    far,
                                    "; from the single you put at ",
                                    stuck + 1,
                                    " to the next it is ",
                                    Quantity.mm(Reach.way(order.get(stuck), order.get(stuck + 1))
                                            .lengthMm()),
                                    "."),
                    solution());
        }
    }
}
