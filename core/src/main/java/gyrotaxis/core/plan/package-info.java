/**
 * From a brief to a plan: runs the steps in the order of the trade, and freezes a plan for the chair.
 *
 * <p>What is to be said about a plan is {@code findings}, how it could be better {@code balance}, how two differ
 * {@code compare}. Start with {@link gyrotaxis.core.plan.Planner}. May import all below.
 */
@NullMarked
package gyrotaxis.core.plan;

import org.jspecify.annotations.NullMarked;
