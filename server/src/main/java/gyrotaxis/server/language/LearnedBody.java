package gyrotaxis.server.language;

import gyrotaxis.core.estimate.Known;
import gyrotaxis.core.estimate.Learned;
import gyrotaxis.core.quantity.Interval;
import gyrotaxis.server.shared.Fields;
import java.time.LocalDate;
import java.util.EnumMap;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** What was known of hands and hair on a day, as it is kept in a brief. */
public record LearnedBody(
        @Nullable LocalDate asOf, @Nullable List<ValueBody> values) {
    private static final Interval VISITS = new Interval(1, 100_000);

    /** One figure, and from how many visits. */
    public record ValueBody(
            @Nullable Known what,
            @Nullable Double value,
            @Nullable Integer visits) {}

    /** What is written down; null if nothing is known. */
    public static @Nullable LearnedBody of(Learned l) {
        return l.asOf().isEmpty()
                ? null
                : new LearnedBody(
                        l.asOf().get(),
                        l.values().entrySet().stream()
                                .map(e -> new ValueBody(
                                        e.getKey(),
                                        e.getValue().value(),
                                        e.getValue().visits()))
                                .toList());
    }

    Learned check(Fields f) {
        EnumMap<Known, Learned.Value> all = new EnumMap<>(Known.class);
        List<ValueBody> given = values == null ? List.of() : values;
        LocalDate day = f.present("learned.asOf", "The day on which it was known", asOf, LocalDate.EPOCH);
        for (int i = 0; i < given.size(); i++) {
            String at = "learned.values[" + i + "].";
            Known what = f.present(at + "what", "What was learned", given.get(i).what(), Known.LOOPS);
            double value = f.number(
                    at + "value",
                    "What is known of " + what.words(),
                    given.get(i).value(),
                    what.range());
            int visits = f.whole(
                    at + "visits", "The visits it is known from", given.get(i).visits(), VISITS);
            all.put(what, new Learned.Value(value, visits));
        }
        return all.isEmpty() ? Learned.NOTHING : new Learned(Optional.of(day), all);
    }
}
