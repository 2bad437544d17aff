/**
 * How is a share tied, and does it hold? Knots, ties, extra holds, and what they have to stand.
 *
 * <p>Knows neither heads nor rows. Start with {@link gyrotaxis.core.knot.Tie} and {@link gyrotaxis.core.knot.Hold}. May
 * import {@code hair} and {@code quantity}.
 */
@NullMarked
package gyrotaxis.core.knot;

import org.jspecify.annotations.NullMarked;
