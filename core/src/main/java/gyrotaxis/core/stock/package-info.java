/**
 * What is on the shelf, what became of it, and what is to be bought.
 *
 * <p>Only movements are kept; what is there is their sum. Amounts are whole numbers of a good's smallest measure, so that sums are exact:
 * a loop has {@link gyrotaxis.core.stock.StockItem#PARTS} parts. Start with {@link gyrotaxis.core.stock.Stock}. May import {@code estimate}
 * and below.
 */
@NullMarked
package gyrotaxis.core.stock;

import org.jspecify.annotations.NullMarked;
