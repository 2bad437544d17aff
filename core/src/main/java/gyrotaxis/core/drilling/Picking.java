package gyrotaxis.core.drilling;

import gyrotaxis.core.practice.Answer;
import gyrotaxis.core.practice.Ask.Choice;
import gyrotaxis.core.practice.Key;
import gyrotaxis.core.practice.Verdict;
import gyrotaxis.core.quantity.Sentence;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.SortedSet;
import java.util.TreeSet;
import java.util.function.Function;

/**
 * The key of a drill in which something is chosen: exactly the right ones, and nothing else.
 *
 * @param choices what there is
 * @param right those that are right; may be empty
 * @param reason what is said of a choice that was wrongly taken or left, by its id; of a right answer, by the id of the first right choice, or
 *     of the first choice where none is right
 */
record Picking(List<Choice> choices, SortedSet<String> right, Function<String, Sentence> reason) implements Key {
    @Override
    public Answer.Picked solution() {
        return new Answer.Picked(right);
    }

    @Override
    public Verdict judge(Answer answer) {
        Set<String> wrong = new TreeSet<>(Answers.picked(answer, choices));
        Set<String> missed = new HashSet<>(right);
        missed.removeAll(wrong);
        wrong.removeAll(right);
        // Whoever takes what must not be taken is told of that first.
        String first = choices.stream()
                .map(Choice::id)
                .filter(wrong::contains)
                .findFirst()
                .or(() -> choices.stream()
                        .map(Choice::id)
                        .filter(missed::contains)
                        .findFirst())
                .orElse(right.isEmpty() ? choices.get(0).id() : right.first());
        double score = 1 - (wrong.size() + missed.size()) / (double) choices.size();
        return new Verdict(wrong.isEmpty() && missed.isEmpty(), score, reason.apply(first), solution());
    }
}
