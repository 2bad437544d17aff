/**
 * How is the client's own hair laid? The rim, sections of the scalp, and the rows braided in them.
 *
 * <p>Rows of a lateral section are numbered from the client's left to her right, level rows in the order of braiding; a
 * row's path runs the way it is braided. Where tails end is said one floor up, in {@code braiding}. Start with
 * {@link gyrotaxis.core.foundation.RowLayout}. May import {@code scalp} and below.
 */
@NullMarked
package gyrotaxis.core.foundation;

import org.jspecify.annotations.NullMarked;
