package gyrotaxis.server.stills;

import gyrotaxis.core.wear.Way;
import io.swagger.v3.oas.annotations.media.Schema;
import org.jspecify.annotations.Nullable;

/**
 * How a head of hair is looked at.
 *
 * @param round how far round the head from its front toward her left one stands, degrees
 * @param up how far over the level one looks down, degrees
 * @param skin the tone of skin, by the name that the page gives to it
 * @param part which part it is worn with, counted from 0 from her left; null without one
 * @param day days after the install
 */
record Sight(
        double round,
        double up,
        String skin,
        Way way,
        @Nullable @Schema(nullable = true) Integer part,
        double day) {}
