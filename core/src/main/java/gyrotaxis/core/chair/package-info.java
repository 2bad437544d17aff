/**
 * What happened at the chair: events made against a worksheet, the state of the work that follows from them, what it will come
 * to, and what else can be done.
 *
 * <p>Start with {@link gyrotaxis.core.chair.VisitState}. May import {@code balance} and below.
 */
@NullMarked
package gyrotaxis.core.chair;

import org.jspecify.annotations.NullMarked;
