/**
 * What is a row called, what is it for, and how is it changed by hand?
 *
 * <p>May import {@code quantity}.
 */
@NullMarked
package gyrotaxis.core.row;

import org.jspecify.annotations.NullMarked;
