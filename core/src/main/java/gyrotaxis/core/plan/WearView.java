package gyrotaxis.core.plan;

import gyrotaxis.core.wear.Cover;
import gyrotaxis.core.wear.KnotSight;
import gyrotaxis.core.wear.Outline;
import java.util.List;

/**
 * How a plan looks in one way of wearing on one day.
 *
 * @param cover what shows
 * @param knots which knots show
 * @param rowsShowing rows that lie bare for more than a finger, with how much of them
 * @param outline how high the hair stands
 * @param napeGrams weight that lies on the nape, g: what makes a neck hot
 */
public record WearView(
        Cover cover, List<KnotSight> knots, List<BareRow> rowsShowing, Outline outline, double napeGrams) {

    /**
     * A row that shows.
     *
     * @param row its name
     * @param mm how much of it, mm
     */
    public record BareRow(String row, double mm) {}

    public WearView {
        knots = List.copyOf(knots);
        rowsShowing = List.copyOf(rowsShowing);
    }
}
