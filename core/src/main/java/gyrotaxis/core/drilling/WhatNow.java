package gyrotaxis.core.drilling;

import gyrotaxis.core.care.Situation;
import gyrotaxis.core.practice.Ask;
import gyrotaxis.core.practice.Ask.Choice;
import gyrotaxis.core.practice.Drill;
import gyrotaxis.core.quantity.Sentence;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.SortedSet;
import java.util.TreeSet;

/** Something comes up that could do harm: all that is done about it, among what must not be. */
final class WhatNow implements Maker {
    private static final double MIN_WRONG = 1;
    private static final double MAX_WRONG = 4;

    /** From here on it is not said that exactly so many are right. */
    private static final int UNTOLD = 3;

    @Override
    public Optional<Drill> make(Draft draft) {
        MadeUp by = draft.by();
        Situation s = by.one(List.of(Situation.values()));
        List<String> shown = new ArrayList<>(s.done());
        shown.addAll(by.some(s.never(), (int) Math.rint(draft.narrowing(MIN_WRONG, MAX_WRONG))));
        List<String> mixed = by.some(shown, shown.size());
        List<Choice> choices = new ArrayList<>();
        SortedSet<String> right = new TreeSet<>();
        for (int i = 0; i < mixed.size(); i++) {
            // What is right must not be told by its name.
            String id = "does" + i;
            choices.add(Choice.of(id, mixed.get(i)));
            if (s.done().contains(mixed.get(i))) {
                right.add(id);
            }
        }
        String asked =
                draft.level() < UNTOLD ? " Which " + right.size() + " of these are done?" : " Which of these are done?";
        return Optional.of(draft.inWords(
                Sentence.of(s.words(), asked),
                new Ask.Pick(choices, false),
                new Picking(choices, right, id -> why(s, right.contains(id), wordsOf(id, choices)))));
    }

    private static String wordsOf(String id, List<Choice> choices) {
        return choices.stream()
                .filter(c -> c.id().equals(id))
                .findFirst()
                .orElseThrow()
                .words();
    }

    private static Sentence why(Situation s, boolean isRight, String words) {
        return Sentence.of(
                isRight ? "This is done: " : "This is never done: ",
                words,
                ". ",
                s.why(),
                " Where it stays unclear, a doctor or a licensed professional decides, and local rules of the trade go first.");
    }
}
