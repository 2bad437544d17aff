/**
 * What do visits teach? Speeds, loops against plan, passes that held, fills, and how hair wears, drawn from what is usual toward what was
 * seen.
 *
 * <p>Start with {@link gyrotaxis.core.learn.Learning}. May import {@code chair} and below.
 */
@NullMarked
package gyrotaxis.core.learn;

import org.jspecify.annotations.NullMarked;
