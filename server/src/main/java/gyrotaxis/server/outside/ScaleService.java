package gyrotaxis.server.outside;

import gyrotaxis.core.hair.PackGuess.Guessed;
import gyrotaxis.core.hair.Weighed;
import gyrotaxis.core.quantity.Estimate;
import gyrotaxis.core.quantity.Interval;
import gyrotaxis.server.outside.OutsideBodies.LaidBody;
import gyrotaxis.server.outside.OutsideBodies.LoopsView;
import gyrotaxis.server.outside.OutsideBodies.ScaleView;
import gyrotaxis.server.outside.Scale.Shown;
import gyrotaxis.server.shared.Fields;
import gyrotaxis.server.shared.NotFound;
import gyrotaxis.server.shelf.HairLineRepository;
import gyrotaxis.server.shelf.StockedLine;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** Asks the scale, and says how many loops that are. */
@Service
class ScaleService {
    private static final Interval GRAMS = new Interval(0, Weighed.MAX_GRAMS);

    private final Scale scale;
    private final SimulatedScale standIn;
    private final HairLineRepository shelf;

    ScaleService(Scale scale, SimulatedScale standIn, HairLineRepository shelf) {
        this.scale = scale;
        this.standIn = standIn;
        this.shelf = shelf;
    }

    void lay(LaidBody body) {
        Fields f = new Fields();
        double grams = f.number("grams", "What lies on the scale, in grams,", body.grams(), GRAMS);
        standIn.lay(f.orRefuse(() -> grams));
    }

    /**
     * What it shows, and how many loops of a line that are.
     *
     * @param lineId of which line; null if only the weight is asked for
     * @param emptyGrams what it showed when nothing lay on it but the bag, g
     */
    ScaleView weighed(@Nullable UUID lineId, double emptyGrams) {
        Shown shown = scale.shown();
        double net = shown.grams() - emptyGrams;
        boolean isLoops = lineId != null && shown.isAtRest() && net >= 0 && net <= Weighed.MAX_GRAMS;
        return new ScaleView(
                shown.grams(), shown.stepGrams(), shown.isAtRest(), isLoops ? loops(lineId, net, shown) : null);
    }

    private LoopsView loops(@Nullable UUID lineId, double net, Shown shown) {
        StockedLine line = shelf.find(lineId == null ? new UUID(0, 0) : lineId)
                .orElseThrow(() -> new NotFound("This line is no longer on the shelf."));
        Estimate e = Weighed.of(
                        net,
                        shown.stepGrams(),
                        line.hair().gramsPerLoop(),
                        line.guessed().contains(Guessed.GRAMS))
                .loops();
        return new LoopsView(e.low(), e.likely(), e.high());
    }
}
