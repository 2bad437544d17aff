/**
 * What does it take? Loops into packs, minutes and money.
 *
 * <p>Start with {@link gyrotaxis.core.estimate.PackCount} and {@link gyrotaxis.core.estimate.ChairTime}. May import
 * {@code install}, {@code hair} and below, not {@code care}.
 */
@NullMarked
package gyrotaxis.core.estimate;

import org.jspecify.annotations.NullMarked;
