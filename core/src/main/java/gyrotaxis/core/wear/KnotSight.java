package gyrotaxis.core.wear;

import gyrotaxis.core.install.StationId;

/**
 * A knot that shows in a way of wearing.
 *
 * @param station which
 * @param why what makes it show, in a sentence without a full stop
 * @param byKnot whether another knot would hide it; otherwise another bearing, or more cover
 */
public record KnotSight(StationId station, String why, boolean byKnot) {}
