/**
 * What can be bought, and into what it may be split: hair lines, textures, loops, shares, packs.
 *
 * <p>Does not know heads: a loop is millimetres and grams. Start with {@link gyrotaxis.core.hair.HairLine}. May import
 * {@code quantity}.
 */
@NullMarked
package gyrotaxis.core.hair;

import org.jspecify.annotations.NullMarked;
