package gyrotaxis.core.drilling;

import gyrotaxis.core.foundation.PartGap;
import gyrotaxis.core.geometry.Path;
import gyrotaxis.core.plan.InstallPlan;
import gyrotaxis.core.practice.Ask;
import gyrotaxis.core.practice.Ask.Choice;
import gyrotaxis.core.practice.Drill;
import gyrotaxis.core.quantity.Quantity;
import gyrotaxis.core.quantity.Sentence;
import gyrotaxis.core.wear.PartChoice;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.TreeSet;
import java.util.function.Function;
import java.util.stream.Collectors;

/** In which gaps a part of some length can be worn. */
final class PartsToWear implements Maker {
    private static final int MIN = 2;

    /** No gap is asked about that is nearer to the length than this, at the first level and at the last, mm. */
    private static final double PLAINLY_MM = 30;

    private static final double HARDLY_MM = 8;

    @Override
    public Optional<Drill> make(Draft draft) {
        InstallPlan plan = draft.head();
        double asked = 10 * Math.rint(draft.by().between(6, 16));
        double margin = draft.narrowing(PLAINLY_MM, HARDLY_MM);
        List<PartChoice> clear = plan.partChoices().stream()
                .filter(c -> Math.abs(c.openMm() - asked) >= margin)
                .toList();
        List<PartChoice> gaps = draft.by().some(clear, MIN + draft.level()).stream()
                .sorted(Comparator.comparingDouble(
                        (PartChoice c) -> c.gap().path().chart().get(0).x()))
                .toList();
        if (gaps.size() < MIN) {
            return Optional.empty();
        }
        Map<String, PartChoice> byId = gaps.stream().collect(Collectors.toMap(PartsToWear::id, Function.identity()));
        List<Choice> choices = gaps.stream().map(PartsToWear::choice).toList();
        TreeSet<String> right = gaps.stream()
                .filter(c -> carries(c, asked))
                .map(PartsToWear::id)
                .collect(Collectors.toCollection(TreeSet::new));
        if (right.isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(draft.about(
                plan,
                Drill.Shows.TAILS,
                Sentence.of(
                        "She wants to wear a part ",
                        Quantity.mm(asked),
                        " long now and then. In which of these gaps can it be?"),
                new Ask.Pick(choices, false),
                new Picking(choices, right, id -> why(Objects.requireNonNull(byId.get(id)), asked))));
    }

    private static boolean carries(PartChoice c, double mm) {
        return c.openMm() >= mm && c.readsAsSkin();
    }

    private static Sentence why(PartChoice c, double asked) {
        String between =
                "Between " + c.gap().left().words() + " and " + c.gap().right().words();
        if (carries(c, asked)) {
            return Sentence.of(
                    between,
                    " nothing crosses it for ",
                    Quantity.mm(c.openMm()),
                    ", and it is wide enough to read as skin.");
        }
        if (c.openMm() < asked) {
            String by = c.stoppedBy()
                    .map(r -> "; the tail of " + r.words() + " crosses it")
                    .orElse("; there the rows meet or end");
            return Sentence.of(between, " a part can run for ", Quantity.mm(c.openMm()), " only", by, ".");
        }
        return Sentence.of(between, " it is too narrow to read as skin.");
    }

    private static String id(PartChoice c) {
        return c.gap().left() + "-" + c.gap().right();
    }

    private static Choice choice(PartChoice c) {
        PartGap gap = c.gap();
        Path path = gap.path();
        return new Choice(
                id(c),
                "between " + gap.left().words() + " and " + gap.right().words(),
                Optional.empty(),
                Optional.of(path.chartAt(path.lengthMm() / 3)));
    }
}
