/**
 * What trains hand and eye: drills that are made and judged by the same core that plans.
 *
 * <p>{@link gyrotaxis.core.practice.Drills} makes a {@link gyrotaxis.core.practice.Drill} from a kind, a level and a seed, the same every
 * time; its {@link gyrotaxis.core.practice.Key} judges an {@link gyrotaxis.core.practice.Answer}. What is right is always asked of the
 * packages below: nothing here knows a rule of the trade of its own.
 */
@NullMarked
package gyrotaxis.core.practice;

import org.jspecify.annotations.NullMarked;
