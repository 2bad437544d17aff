package gyrotaxis.core.drilling;

import gyrotaxis.core.hair.Share;
import gyrotaxis.core.hair.Slip;
import gyrotaxis.core.hair.Texture;
import gyrotaxis.core.knot.Demand;
import gyrotaxis.core.knot.ExtraHold;
import gyrotaxis.core.knot.Hold;
import gyrotaxis.core.knot.Knot;
import gyrotaxis.core.knot.Tie;
import gyrotaxis.core.practice.Ask;
import gyrotaxis.core.practice.Ask.Choice;
import gyrotaxis.core.practice.Drill;
import gyrotaxis.core.quantity.Quantity;
import gyrotaxis.core.quantity.Sentence;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;

/** Several ways to tie a share, one of which lasts. */
final class Knots implements Maker {
    private static final List<Share> SHARES = List.of(Share.WHOLE, Share.HALF, Share.THIRD, Share.QUARTER);
    private static final int MIN = 2;

    /** How far from just lasting each is, at the first level and at the last. */
    private static final double PLAINLY = 0.3;

    private static final double HARDLY = 0.05;

    @Override
    public Optional<Drill> make(Draft draft) {
        MadeUp by = draft.by();
        Texture texture = by.one(List.of(Texture.values()));
        Slip slip = Slip.usual(texture);
        int weeks = 2 + (int) by.between(0, 6);
        boolean sports = draft.level() > 2 && by.oneIn(2);
        boolean swims = draft.level() > 3 && by.oneIn(2);
        Demand demand = new Demand(weeks, sports, swims, false, false, 0);
        double margin = draft.narrowing(PLAINLY, HARDLY);
        Map<String, Hold> holds = new TreeMap<>();
        List<Choice> lasting = new ArrayList<>();
        List<Choice> sliding = new ArrayList<>();
        for (Share share : SHARES) {
            for (Tie tie : ties(texture)) {
                Hold hold = Hold.of(slip, share, tie, demand);
                String words = share.words() + ", " + tie.words();
                Choice c = Choice.of(words, words);
                if (Math.abs(hold.score() - Hold.LASTS) >= margin && !holds.containsKey(words)) {
                    holds.put(words, hold);
                    (hold.lasts() ? lasting : sliding).add(c);
                }
            }
        }
        if (lasting.isEmpty() || sliding.isEmpty()) {
            return Optional.empty();
        }
        int others = MIN - 1 + (draft.level() + 1) / 2;
        List<Choice> shown = new ArrayList<>(by.some(sliding, others));
        Choice right = by.one(lasting);
        shown.add(right);
        List<Choice> choices = by.some(shown, shown.size());
        return Optional.of(draft.inWords(
                Sentence.of(
                                texture.words(),
                                " that is to last ",
                                weeks,
                                " weeks",
                                sports ? ", with sport" : "",
                                swims ? ", swimming too" : "",
                                ". Which of these holds until then?")
                        .capital(),
                new Ask.Pick(choices, true),
                new Picking(
                        choices,
                        new TreeSet<>(List.of(right.id())),
                        id -> why(id, Objects.requireNonNull(holds.get(id))))));
    }

    private static List<Tie> ties(Texture texture) {
        List<Tie> ties = new ArrayList<>();
        for (Knot knot : Knot.values()) {
            // A bead is on some hair only, and what goes in whole is not twisted first.
            if (knot == Knot.BEAD || (texture.goesInWhole() && knot == Knot.TWIST_FIRST)) {
                continue;
            }
            for (int passes = 1; passes <= (knot.hasPasses() ? Tie.USEFUL_PASSES : 1); passes++) {
                Tie tie = Tie.of(knot, passes);
                ties.add(tie);
                if (knot.hasPasses()) {
                    ties.add(tie.holding(Set.of(ExtraHold.FINGER_TURN)));
                }
            }
        }
        return ties;
    }

    private static Sentence why(String words, Hold hold) {
        List<Object> said = new ArrayList<>();
        said.add(words + (hold.lasts() ? " holds, " : " slides before that, "));
        said.add(Quantity.times(hold.score()));
        said.add(" what it takes: ");
        Hold.Factor least = hold.factors().stream()
                .min(Comparator.comparingDouble(Hold.Factor::factor))
                .orElseThrow();
        Hold.Factor most = hold.factors().stream()
                .max(Comparator.comparingDouble(Hold.Factor::factor))
                .orElseThrow();
        said.add("what helps most is " + most.words() + ", what helps least " + least.words() + ".");
        return Sentence.of(said.toArray()).capital();
    }
}
