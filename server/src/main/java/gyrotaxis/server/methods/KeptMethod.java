package gyrotaxis.server.methods;

import gyrotaxis.server.language.MethodBody;
import java.util.UUID;

/**
 * A method that a stylist keeps as hers.
 *
 * @param id never changes
 * @param name what she calls it
 * @param method as it was written down
 */
public record KeptMethod(UUID id, String name, MethodBody method) {}
