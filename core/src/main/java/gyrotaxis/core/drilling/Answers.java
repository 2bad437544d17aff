package gyrotaxis.core.drilling;

import gyrotaxis.core.practice.Answer;
import gyrotaxis.core.practice.Ask.Choice;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.SortedSet;
import java.util.TreeSet;
import java.util.stream.Collectors;

/** Takes answers apart, and says what is wrong with one of another form than was asked for. */
final class Answers {
    private Answers() {}

    static Answer.Aimed aimed(Answer answer) {
        return of(Answer.Aimed.class, answer, "a direction");
    }

    static double said(Answer answer) {
        return of(Answer.Said.class, answer, "a number").number();
    }

    /** A number for each of so many. */
    static List<Double> saidOfEach(Answer answer, int count) {
        List<Double> numbers =
                of(Answer.SaidOfEach.class, answer, "a number for each").numbers();
        if (numbers.size() != count) {
            throw new IllegalArgumentException("numbers has " + numbers.size() + " but must have " + count);
        }
        return numbers;
    }

    /** Some of the choices, one after the other; none of them twice. */
    static List<String> turns(Answer answer, List<Choice> among) {
        List<String> ids = of(Answer.Ordered.class, answer, "some in turn").ids();
        requireKnown(new TreeSet<>(ids), among);
        if (new HashSet<>(ids).size() != ids.size()) {
            throw new IllegalArgumentException("ids has some twice but must have each at most once: " + ids);
        }
        return ids;
    }

    /** What was picked; all of it among the choices. */
    static SortedSet<String> picked(Answer answer, List<Choice> among) {
        SortedSet<String> ids = of(Answer.Picked.class, answer, "a choice").ids();
        requireKnown(ids, among);
        return ids;
    }

    /** The choices as they were ordered; each of them once. */
    static List<String> ordered(Answer answer, List<Choice> choices) {
        List<String> ids = of(Answer.Ordered.class, answer, "an order").ids();
        requireKnown(new TreeSet<>(ids), choices);
        if (ids.size() != choices.size() || new HashSet<>(ids).size() != choices.size()) {
            throw new IllegalArgumentException(
                    "ids has " + ids.size() + " places but must have each of the " + choices.size() + " choices once");
        }
        return ids;
    }

    private static void requireKnown(SortedSet<String> ids, List<Choice> among) {
        Set<String> known = among.stream().map(Choice::id).collect(Collectors.toSet());
        ids.stream().filter(id -> !known.contains(id)).findFirst().ifPresent(id -> {
            throw new IllegalArgumentException("ids has " + id + " but must be of the choices " + new TreeSet<>(known));
        });
    }

    private static <T extends Answer> T of(Class<T> form, Answer answer, String words) {
        if (!form.isInstance(answer)) {
            throw new IllegalArgumentException("answer is "
                    + answer.getClass().getSimpleName().toLowerCase(Locale.ROOT) + " but must be " + words);
        }
        return form.cast(answer);
    }
}
