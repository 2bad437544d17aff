/**
 * How do rows come to lie where they lie? From the hairline inward: rim, sections, lanes, rows, and the regions cut out.
 *
 * <p>Lanes live on the map (mm), rows on the head. Start with {@link gyrotaxis.core.laying.RowLayout}. May import
 * {@code foundation} and below.
 */
@NullMarked
package gyrotaxis.core.laying;

import org.jspecify.annotations.NullMarked;
