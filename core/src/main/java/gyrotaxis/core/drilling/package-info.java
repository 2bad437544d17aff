/**
 * Makes drills: {@link gyrotaxis.core.drilling.Drills} makes a {@link gyrotaxis.core.practice.Drill} from a kind, a level and a seed, the
 * same every time. What is right is always asked of the packages below: nothing here knows a rule of the trade of its own.
 */
@NullMarked
package gyrotaxis.core.drilling;

import org.jspecify.annotations.NullMarked;
