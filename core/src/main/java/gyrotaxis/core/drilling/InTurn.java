package gyrotaxis.core.drilling;

import gyrotaxis.core.practice.Answer;
import gyrotaxis.core.practice.Ask.Choice;
import gyrotaxis.core.practice.Key;
import gyrotaxis.core.practice.Verdict;
import gyrotaxis.core.quantity.Sentence;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiFunction;
import java.util.function.BiPredicate;
import java.util.function.Function;

/**
 * The key of a drill in which some things are chosen one after the other: exactly the right ones, none before another that must come
 * first.
 *
 * @param choices what there is
 * @param right those that are right, in an order that is
 * @param comesFirst whether the first of two must be taken before the second
 * @param reason what is said of a choice that was wrongly taken or left, or of the first right one where nothing was wrong
 * @param tooSoon what is said where the first of two was taken after the second
 */
record InTurn(
        List<Choice> choices,
        List<String> right,
        BiPredicate<String, String> comesFirst,
        Function<String, Sentence> reason,
        BiFunction<String, String, Sentence> tooSoon)
        implements Key {
    @Override
    public Answer.Ordered solution() {
        return new Answer.Ordered(right);
    }

    @Override
    public Verdict judge(Answer answer) {
        List<String> taken = Answers.turns(answer, choices);
        Set<String> wrong = new HashSet<>(taken);
        wrong.removeAll(right);
        Set<String> missed = new HashSet<>(right);
        missed.removeAll(taken);
        int pairs = 0;
        Optional<Sentence> early = Optional.empty();
        for (int later = 1; later < taken.size(); later++) {
            for (int sooner = 0; sooner < later; sooner++) {
                if (comesFirst.test(taken.get(later), taken.get(sooner))) {
                    pairs++;
                    if (early.isEmpty()) {
                        early = Optional.of(tooSoon.apply(taken.get(later), taken.get(sooner)));
                    }
                }
            }
        }
        // Whoever takes what must not be taken is told of that first.
        String first = taken.stream()
                .filter(wrong::contains)
                .findFirst()
                .or(() -> right.stream().filter(missed::contains).findFirst())
                .orElse(right.get(0));
        boolean isChosen = wrong.isEmpty() && missed.isEmpty();
        double score = Math.max(0, 1 - (wrong.size() + missed.size() + pairs) / (double) choices.size());
        return new Verdict(
                isChosen && pairs == 0,
                score,
                isChosen ? early.orElseGet(() -> reason.apply(first)) : reason.apply(first),
                solution());
    }
}
