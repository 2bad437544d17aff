/**
 * How is the client's own hair laid? Sections of the scalp, and the rows braided in them.
 *
 * <p>Rows are numbered from the client's left to her right; a row's path runs the way it is braided. Start with
 * {@link gyrotaxis.core.foundation.StraightBack}. May import {@code scalp} and below.
 */
@NullMarked
package gyrotaxis.core.foundation;

import org.jspecify.annotations.NullMarked;
