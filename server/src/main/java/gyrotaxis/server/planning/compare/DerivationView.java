package gyrotaxis.server.planning.compare;

import gyrotaxis.core.reckoning.Derivation;
import gyrotaxis.core.reckoning.Derivation.Figure;
import gyrotaxis.server.shared.Piece;
import java.util.List;

/** How a figure comes about, one step after the other. */
public record DerivationView(Figure figure, List<List<Piece>> steps) {
    public static DerivationView of(Derivation r) {
        return new DerivationView(r.figure(), r.steps().stream().map(Piece::of).toList());
    }
}
