/**
 * How will it be worn, and what would show then? Parts that a foundation allows, and updos on it.
 *
 * <p>Start with {@link gyrotaxis.core.wear.PartChoice} and {@link gyrotaxis.core.wear.UpdoView}. May import {@code install}
 * and below, not {@code estimate} nor {@code care}.
 */
@NullMarked
package gyrotaxis.core.wear;

import org.jspecify.annotations.NullMarked;
