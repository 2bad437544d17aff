package gyrotaxis.core.foundation;

import gyrotaxis.core.geometry.Vec2;
import gyrotaxis.core.row.RowId;

/**
 * A place where one row runs over another because the pattern says so.
 *
 * @param over the row on top
 * @param under the row beneath
 * @param chart where, on the map, mm
 */
public record Crossing(RowId over, RowId under, Vec2 chart) {}
