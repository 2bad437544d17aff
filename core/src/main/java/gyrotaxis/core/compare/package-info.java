/**
 * In what do plans differ? What was decided, and every figure that came of it.
 *
 * <p>Start with {@link gyrotaxis.core.compare.Comparison}. May import {@code plan} and below.
 */
@NullMarked
package gyrotaxis.core.compare;

import org.jspecify.annotations.NullMarked;
