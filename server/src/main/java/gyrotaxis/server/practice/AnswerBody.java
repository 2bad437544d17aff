package gyrotaxis.server.practice;

import gyrotaxis.core.practice.Answer;
import gyrotaxis.core.practice.Answer.Aimed;
import gyrotaxis.core.practice.Answer.Ordered;
import gyrotaxis.core.practice.Answer.Picked;
import gyrotaxis.core.practice.Answer.Said;
import gyrotaxis.core.practice.Answer.SaidOfEach;
import gyrotaxis.core.practice.Ask;
import gyrotaxis.core.practice.Drill;
import gyrotaxis.core.quantity.Interval;
import gyrotaxis.server.shared.Fields;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * What was answered to a drill, in the form that it asks for; the other fields are left out.
 *
 * @param towardRad a direction on the map, from straight to the face round by her right, rad
 * @param ids what was chosen, or everything in its order
 * @param number a number
 * @param numbers a number for each thing that was asked about
 * @param learner whose answer is kept; left away where it is not
 * @param seconds how long she took for it
 */
record AnswerBody(
        @Nullable Integer level,
        @Nullable Integer seed,
        @Nullable @Schema(nullable = true) Double towardRad,
        @Nullable @Schema(nullable = true) List<String> ids,
        @Nullable @Schema(nullable = true) Double number,
        @Nullable @Schema(nullable = true) List<Double> numbers,
        @Nullable @Schema(nullable = true) String learner,
        @Nullable @Schema(nullable = true) Double seconds) {
    /** Whoever takes longer than an hour was elsewhere. */
    private static final Interval SECONDS = new Interval(0, 3_600);

    static final Interval SEEDS = new Interval(0, Integer.MAX_VALUE);
    private static final Interval TURN = new Interval(-Math.PI, Math.PI);

    /** Whose answer is kept, and how long she took for it. */
    record By(UUID learner, double seconds) {}

    /** Whose answer it is; empty where nobody's. */
    Optional<By> by() {
        Fields f = new Fields();
        Optional<UUID> who = f.idIfAny("learner", "Who practises", learner);
        double took = who.isEmpty() ? 0 : f.number("seconds", "The time, in seconds,", seconds, SECONDS);
        return f.orRefuse(() -> who.map(id -> new By(id, took)));
    }

    /** The answer, or what is wrong with it at its field. */
    Answer checkedFor(Drill drill) {
        Fields f = new Fields();
        Ask ask = drill.ask();
        if (ask instanceof Ask.Aim) {
            double rad = f.number("towardRad", "The direction", towardRad, TURN);
            return f.orRefuse(() -> new Aimed(rad));
        }
        if (ask instanceof Ask.Number n) {
            double said = f.number("number", "The number of " + n.unit(), number, n.range());
            return f.orRefuse(() -> new Said(said));
        }
        if (ask instanceof Ask.Numbers n) {
            return saidOfEach(f, n);
        }
        if (ask instanceof Ask.Turns t) {
            List<String> taken = chosen(f, t.choices());
            return f.orRefuse(() -> new Ordered(taken));
        }
        List<Ask.Choice> choices = ask instanceof Ask.Order o ? o.choices() : ((Ask.Pick) ask).choices();
        List<String> chosen = chosen(f, choices);
        if (ask instanceof Ask.Order && ids != null && new HashSet<>(chosen).size() != choices.size()) {
            f.problem("ids", "Put all " + choices.size() + " of them in order.");
        }
        return f.orRefuse(() -> ask instanceof Ask.Order ? new Ordered(chosen) : new Picked(new TreeSet<>(chosen)));
    }

    private List<String> chosen(Fields f, List<Ask.Choice> choices) {
        List<String> chosen = f.present("ids", "What was chosen", ids, List.of());
        Set<String> known = choices.stream().map(Ask.Choice::id).collect(Collectors.toSet());
        if (!known.containsAll(chosen)) {
            f.problem("ids", "Choose among what this drill offers.");
        } else if (new HashSet<>(chosen).size() != chosen.size()) {
            f.problem("ids", "Choose each of them once.");
        }
        return chosen;
    }

    private Answer saidOfEach(Fields f, Ask.Numbers asked) {
        List<Double> given = f.present("numbers", "The numbers", numbers, List.of());
        if (numbers != null && given.size() != asked.of().size()) {
            f.problem("numbers", "Give a number for each of the " + asked.of().size() + ".");
            return f.orRefuse(() -> new SaidOfEach(given));
        }
        List<Double> checked = new ArrayList<>();
        for (int i = 0; i < given.size(); i++) {
            Ask.Gauge g = asked.of().get(i);
            checked.add(f.number("numbers[" + i + "]", g.words(), given.get(i), g.range()));
        }
        return f.orRefuse(() -> new SaidOfEach(checked));
    }
}
