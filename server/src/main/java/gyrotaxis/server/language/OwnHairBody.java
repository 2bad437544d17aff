package gyrotaxis.server.language;

import gyrotaxis.core.ownhair.HairDensity;
import gyrotaxis.core.ownhair.OwnHair;
import gyrotaxis.core.ownhair.ScalpCondition;
import gyrotaxis.core.ownhair.StrandThickness;
import gyrotaxis.server.shared.Fields;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** The client's own hair as it is written down. */
public record OwnHairBody(
        @Nullable HairDensity density,
        @Nullable @Schema(nullable = true) StrandThickness strands,
        @Nullable @Schema(nullable = true) Double lengthMm,
        @Nullable @Schema(nullable = true) Double newGrowthMm,
        @Nullable @Schema(nullable = true) Boolean matsEasily,
        @Nullable List<ScalpCondition> conditions) {

    /** What was written down for hair that a core record holds. */
    public static OwnHairBody of(OwnHair own) {
        return new OwnHairBody(
                own.density(),
                own.strands(),
                own.lengthMm(),
                own.newGrowthMm(),
                own.matsEasily(),
                List.copyOf(own.conditions()));
    }

    /** The own hair; after a problem, some stand-in. */
    public OwnHair check(Fields f, String prefix) {
        return new OwnHair(
                f.present(prefix + "density", "How thick her hair grows", density, HairDensity.MEDIUM),
                strands == null ? StrandThickness.MEDIUM : strands,
                lengthMm == null
                        ? OwnHair.USUAL_LENGTH_MM
                        : f.lengthMm(prefix + "lengthMm", "Her own hair", lengthMm, OwnHair.LENGTH_MM),
                newGrowthMm == null
                        ? 0
                        : f.lengthMm(prefix + "newGrowthMm", "New growth", newGrowthMm, OwnHair.NEW_GROWTH_MM),
                Boolean.TRUE.equals(matsEasily),
                conditions == null ? Set.of() : Set.copyOf(conditions));
    }
}
