package gyrotaxis.core.training;

import gyrotaxis.core.quantity.Require;
import java.util.ArrayList;
import java.util.List;

/**
 * To which side a learner errs: the middle of her last few guesses, so that one that slipped says nothing.
 *
 * @param over how much too much was said of late, in parts of what is so; below 0 where too little
 */
public record Leaning(double over) {
    /** So many of her last guesses tell. ASSUMPTION: within a week or so of practice. */
    static final int FEW = 5;

    /** Within this she errs to neither side. ASSUMPTION: a loop in twenty. */
    static final double NEITHER = 0.05;

    private static final double PERCENT = 100;

    /** After the last of some guesses, the oldest first; at least one. */
    public static Leaning of(List<Tried.Guess> guesses) {
        Require.notEmpty(guesses, "guesses");
        List<Double> few = guesses.subList(Math.max(0, guesses.size() - FEW), guesses.size()).stream()
                .map(Tried.Guess::over)
                .sorted()
                .toList();
        int half = few.size() / 2;
        return new Leaning(few.size() % 2 == 1 ? few.get(half) : (few.get(half - 1) + few.get(half)) / 2);
    }

    /** After each of them. */
    public static List<Leaning> along(List<Tried.Guess> guesses) {
        List<Leaning> all = new ArrayList<>();
        for (int i = 1; i <= guesses.size(); i++) {
            all.add(of(guesses.subList(0, i)));
        }
        return List.copyOf(all);
    }

    /** As it is said: "12 % too much". */
    public String words() {
        if (Math.abs(over) <= NEITHER) {
            return "neither too much nor too little";
        }
        return Math.round(PERCENT * Math.abs(over)) + " % too " + (over > 0 ? "much" : "little");
    }
}
