/**
 * What happened at the chair: events made against a worksheet, and the state of the work that follows from them.
 *
 * <p>Start with {@link gyrotaxis.core.chair.WorkState}. May import {@code plan} and below.
 */
@NullMarked
package gyrotaxis.core.chair;

import org.jspecify.annotations.NullMarked;
