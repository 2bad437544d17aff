package gyrotaxis.server.practice;

import gyrotaxis.core.hair.Texture;
import gyrotaxis.server.language.BriefBody;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A made-up head with a plan for whoever wants to try things out on it.
 *
 * @param id the same in every studio
 * @param name what its plan is called
 * @param texture the texture it is planned with
 * @param brief its plan with hair that this studio knows; null while the shelf has no line of such a texture
 */
record PracticeHead(
        UUID id,
        String name,
        Texture texture,
        @Nullable @Schema(nullable = true) BriefBody brief) {}
