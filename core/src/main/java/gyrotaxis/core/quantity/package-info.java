/**
 * What numbers mean: argument checks with shared messages, closed intervals, three-point estimates, exact fractions and
 * money.
 *
 * <p>Start with {@link gyrotaxis.core.quantity.Require}. Imports nothing of Gyrotaxis.
 */
@NullMarked
package gyrotaxis.core.quantity;

import org.jspecify.annotations.NullMarked;
