package gyrotaxis.core.learn;

import gyrotaxis.core.estimate.Known;
import gyrotaxis.core.hair.Texture;
import gyrotaxis.core.stock.LineId;
import java.time.LocalDate;
import java.util.Collections;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;

/**
 * What one visit teaches.
 *
 * @param visit which
 * @param day when it was
 * @param stylist whose hands; empty if nobody said
 * @param texture of the main hair
 * @param line the main hair; empty if it is known by its name alone
 * @param values what was seen, each in the measure of what it is about and against what is usual; what was not seen is missing
 */
public record Seen(
        UUID visit,
        LocalDate day,
        Optional<UUID> stylist,
        Texture texture,
        Optional<LineId> line,
        Map<Known, Double> values) {
    public Seen {
        EnumMap<Known, Double> all = new EnumMap<>(Known.class);
        all.putAll(values);
        values = Collections.unmodifiableMap(all);
    }
}
