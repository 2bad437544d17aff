package gyrotaxis.core.drilling;

import gyrotaxis.core.care.Caution;
import gyrotaxis.core.care.Cautions;
import gyrotaxis.core.care.Habit;
import gyrotaxis.core.hair.HairLine;
import gyrotaxis.core.hair.Texture;
import gyrotaxis.core.ownhair.HairDensity;
import gyrotaxis.core.ownhair.OwnHair;
import gyrotaxis.core.ownhair.ScalpCondition;
import gyrotaxis.core.practice.Ask;
import gyrotaxis.core.practice.Ask.Choice;
import gyrotaxis.core.practice.Drill;
import gyrotaxis.core.quantity.Sentence;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;

/** What could do harm to a client who is described: which cautions there is cause for, and which there is not. */
final class Harm implements Maker {
    /** Cautions that hang on what is not described here. */
    private static final Set<Caution> OF_OTHER_THINGS = EnumSet.of(Caution.FRINGE, Caution.CHILD, Caution.SMALL_HEAD);

    private static final int MIN = 3;

    @Override
    public Optional<Drill> make(Draft draft) {
        MadeUp by = draft.by();
        Set<ScalpCondition> seen = EnumSet.noneOf(ScalpCondition.class);
        seen.addAll(by.some(List.of(ScalpCondition.values()), (draft.level() + 1) / 2));
        Set<Habit> habits = EnumSet.noneOf(Habit.class);
        habits.addAll(by.some(List.of(Habit.values()), draft.level() / 2));
        int weeks = draft.level() > 2 && by.oneIn(2) ? Cautions.MAX_WEEKS + 2 : Cautions.USUAL_WEEKS;
        HairLine hair = by.hair(Texture.DEEP_WAVE, by.oneIn(2));
        OwnHair own = OwnHair.of(HairDensity.MEDIUM, OwnHair.USUAL_LENGTH_MM, seen);
        Set<Caution> right = EnumSet.noneOf(Caution.class);
        right.addAll(Cautions.of(own, hair, habits, weeks, false));
        right.removeAll(OF_OTHER_THINGS);
        List<Caution> others = Arrays.stream(Caution.values())
                .filter(c -> !right.contains(c) && !OF_OTHER_THINGS.contains(c) && !isPartOf(c, right))
                .toList();
        if (right.isEmpty()) {
            return Optional.empty();
        }
        List<Caution> shown = new ArrayList<>(right);
        shown.addAll(by.some(others, MIN + draft.level() - Math.min(draft.level(), right.size())));
        List<Choice> choices = by.some(shown, shown.size()).stream()
                .map(c -> Choice.of(c.name(), c.words()))
                .toList();
        TreeSet<String> ids = right.stream().map(Enum::name).collect(Collectors.toCollection(TreeSet::new));
        return Optional.of(draft.inWords(
                described(seen, habits, weeks, hair.isCoated()),
                new Ask.Pick(choices, false),
                new Picking(choices, ids, id -> why(Caution.valueOf(id), right))));
    }

    /** Whether a caution says less of the same than one there is cause for. */
    private static boolean isPartOf(Caution c, Set<Caution> right) {
        return c == Caution.COATED && right.contains(Caution.RINSE_FIRST);
    }

    private static Sentence described(Set<ScalpCondition> seen, Set<Habit> habits, int weeks, boolean isCoated) {
        List<String> told = new ArrayList<>();
        seen.forEach(c -> told.add(c.words()));
        habits.forEach(h -> told.add(h.words()));
        told.add(isCoated ? "the hair is coated" : "the hair is not coated");
        told.add("to be worn for " + weeks + " weeks");
        return Sentence.of("At the consultation: ", String.join("; ", told), ". What is to be said?");
    }

    private static Sentence why(Caution c, Set<Caution> right) {
        return Sentence.of(
                right.contains(c) ? "There is cause for it: " : "Nothing that was told gives cause for: ",
                c.words(),
                " Where it stays unclear, a doctor or a licensed professional decides, and local rules of the trade go first.");
    }
}
