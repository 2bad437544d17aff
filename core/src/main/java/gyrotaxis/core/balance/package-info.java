/**
 * How could it be hooked better? Fewest loops, best for the packs in hand, and where fills go.
 *
 * <p>Start with {@link gyrotaxis.core.balance.Balancer} and {@link gyrotaxis.core.balance.FillTrial}. May import {@code plan}
 * and below.
 */
@NullMarked
package gyrotaxis.core.balance;

import org.jspecify.annotations.NullMarked;
