package gyrotaxis.server.planning;

import gyrotaxis.core.reckoning.Reckoning;
import gyrotaxis.core.reckoning.Reckoning.Figure;
import gyrotaxis.server.shared.Piece;
import java.util.List;

/** How a figure comes about, one step after the other. */
record ReckoningView(Figure figure, List<List<Piece>> steps) {
    static ReckoningView of(Reckoning r) {
        return new ReckoningView(r.figure(), r.steps().stream().map(Piece::of).toList());
    }
}
