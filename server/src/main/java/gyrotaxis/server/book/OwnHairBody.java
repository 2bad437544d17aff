package gyrotaxis.server.book;

import gyrotaxis.core.scalp.HairDensity;
import gyrotaxis.core.scalp.OwnHair;
import gyrotaxis.core.scalp.ScalpCondition;
import gyrotaxis.server.shared.Fields;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** The client's own hair as it is written down. */
public record OwnHairBody(
        @Nullable HairDensity density, @Nullable List<ScalpCondition> conditions) {

    /** What was written down for hair that a core record holds. */
    public static OwnHairBody of(OwnHair own) {
        return new OwnHairBody(own.density(), List.copyOf(own.conditions()));
    }

    /** The own hair; after a problem, some stand-in. */
    public OwnHair check(Fields f, String prefix) {
        return new OwnHair(
                f.present(prefix + "density", "How thick her hair grows", density, HairDensity.MEDIUM),
                conditions == null ? Set.of() : Set.copyOf(conditions));
    }
}
