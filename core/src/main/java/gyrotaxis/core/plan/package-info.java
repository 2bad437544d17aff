/**
 * From a brief to a plan: runs the steps in the order of the trade and says what is to be said about the result.
 *
 * <p>Start with {@link gyrotaxis.core.plan.Planner}. May import all of the core.
 */
@NullMarked
package gyrotaxis.core.plan;

import org.jspecify.annotations.NullMarked;
