package gyrotaxis.core.estimate;

import gyrotaxis.core.quantity.Require;
import java.time.LocalDate;
import java.util.Collections;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * What was known on a day of somebody's hands and of a hair. Part of a brief, so that the same brief gives the same plan whatever was
 * learned since.
 *
 * @param asOf the day; empty exactly where nothing is known
 * @param values what is known; what is missing is as usual
 */
public record Learned(Optional<LocalDate> asOf, Map<Known, Value> values) {
    /** Nothing was seen yet. */
    public static final Learned NOTHING = new Learned(Optional.empty(), Map.of());

    /**
     * A figure that was learned.
     *
     * @param value in the measure of what it is about
     * @param visits from how many visits, at least 1
     */
    public record Value(double value, int visits) {
        public Value {
            Require.finite(value, "value", "");
            Require.atLeast(1, visits, "visits", "");
        }
    }

    public Learned {
        EnumMap<Known, Value> all = new EnumMap<>(Known.class);
        all.putAll(values);
        all.forEach(
                (k, v) -> Require.inRange(v.value(), k.range().min(), k.range().max(), k.name(), ""));
        values = Collections.unmodifiableMap(all);
        if (asOf.isPresent() == all.isEmpty()) {
            throw new IllegalArgumentException("asOf is " + asOf + " but " + all.size() + " values are known");
        }
    }

    /** What was learned of something; empty if nothing was. */
    public OptionalDouble of(Known what) {
        Value v = values.get(what);
        return v == null ? OptionalDouble.empty() : OptionalDouble.of(v.value());
    }

    /** The same, or what is usual. */
    public double orUsual(Known what) {
        return of(what).orElse(what.usual());
    }

    /** The same without what belongs to the hair: another is taken. */
    public Learned ofHandsAlone() {
        EnumMap<Known, Value> hands = new EnumMap<>(Known.class);
        values.forEach((k, v) -> {
            if (k.of() == Known.Of.STYLIST) {
                hands.put(k, v);
            }
        });
        return hands.isEmpty() ? NOTHING : new Learned(asOf, hands);
    }
}
