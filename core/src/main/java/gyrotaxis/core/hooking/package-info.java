/**
 * How does hair get on the rows? Stations placed and staggered, changed by hand, mixed, tied, turned, and put in order of work.
 *
 * <p>Start with {@link gyrotaxis.core.hooking.Hooker}. May import {@code install} and below.
 */
@NullMarked
package gyrotaxis.core.hooking;

import org.jspecify.annotations.NullMarked;
