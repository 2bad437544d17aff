/**
 * On what terms does a stylist work? What she charges, what materials cost her, how fast she is.
 *
 * <p>May import {@code quantity}.
 */
@NullMarked
package gyrotaxis.core.terms;

import org.jspecify.annotations.NullMarked;
