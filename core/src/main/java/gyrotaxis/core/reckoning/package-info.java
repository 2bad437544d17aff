/**
 * How the figures of a plan come about: each with the values it was reckoned from, in the order in which one would do it on paper. Nothing
 * is reckoned anew here; what is said is taken from the plan.
 */
@NullMarked
package gyrotaxis.core.reckoning;

import org.jspecify.annotations.NullMarked;
