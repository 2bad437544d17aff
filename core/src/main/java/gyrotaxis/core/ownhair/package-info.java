/**
 * What is the client's own hair like, and the skin that it grows from?
 *
 * <p>May import {@code quantity}.
 */
@NullMarked
package gyrotaxis.core.ownhair;

import org.jspecify.annotations.NullMarked;
