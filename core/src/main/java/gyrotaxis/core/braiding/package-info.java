/**
 * Where does every row end, and in which order is it all braided? Tails as a graph, bulk, order, and how hard it is on
 * oneself.
 *
 * <p>A floor of its own above {@code foundation}: rows do not know what becomes of their tails, and whoever lays stations
 * does not have to. Start with {@link gyrotaxis.core.braiding.TailRouter}. May import {@code foundation} and below.
 */
@NullMarked
package gyrotaxis.core.braiding;

import org.jspecify.annotations.NullMarked;
