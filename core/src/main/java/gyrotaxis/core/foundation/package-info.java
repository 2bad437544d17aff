/**
 * How is the client's own hair laid? What is asked of the rim, the sections and their rows, and what lies there in the end.
 *
 * <p>Rows of a lateral section are numbered from the client's left to her right, level rows in the order of braiding; a
 * row's path runs the way it is braided. How rows are laid is {@code laying}; where tails end is said one floor up, in
 * {@code braiding}. Start with {@link gyrotaxis.core.foundation.FoundationBrief} and
 * {@link gyrotaxis.core.foundation.Foundation}. May import {@code scalp} and below.
 */
@NullMarked
package gyrotaxis.core.foundation;

import org.jspecify.annotations.NullMarked;
