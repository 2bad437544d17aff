package gyrotaxis.server.outside;

import gyrotaxis.core.quantity.Interval;
import gyrotaxis.core.quantity.Quantity;
import gyrotaxis.core.quantity.Sentence;
import gyrotaxis.core.scalp.HeadMeasures;
import gyrotaxis.core.scalp.Measure;
import gyrotaxis.server.language.HeadBody;
import gyrotaxis.server.outside.OutsideBodies.TapeView;
import gyrotaxis.server.outside.OutsideBodies.TapedView;
import gyrotaxis.server.outside.Tape.Sent;
import gyrotaxis.server.shared.Fields;
import gyrotaxis.server.shared.Piece;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** Hears what the tape sends, and says whether it can be what is measured. */
@Service
class TapeService {
    /** The same length again within this is a key that bounced, ms: nobody lays a tape on twice as fast. */
    static final long BOUNCE_MS = 300;

    /** Lengths that are waiting; older ones are nobody's. */
    private static final int MAX = 40;

    private final Tape tape;
    private final SimulatedTape standIn;

    TapeService(Tape tape, SimulatedTape standIn) {
        this.tape = tape;
        this.standIn = standIn;
    }

    /** A head that is measured with the stand-in. */
    enum MadeUpHead {
        SMALL(HeadMeasures.ofAll(540, 335, 310, 298, 350, 115)),
        MEDIUM(HeadMeasures.ofAll(565, 360, 330, 317, 370, 125)),
        LARGE(HeadMeasures.ofAll(595, 385, 350, 336, 395, 140));

        private final HeadMeasures measures;

        MadeUpHead(HeadMeasures measures) {
            this.measures = measures;
        }
    }

    void measure(@Nullable MadeUpHead head) {
        Fields f = new Fields();
        MadeUpHead which = f.present("head", "The head", head, MadeUpHead.MEDIUM);
        standIn.measure(f.orRefuse(() -> which.measures));
    }

    /**
     * What came after some length.
     *
     * @param after the number of the last one that is known; null for whoever begins to listen and only wants what comes from now on
     * @param field what is measured, by its field of a head, so that it can be said whether it fits; null if that does not matter
     */
    TapeView since(@Nullable Integer after, @Nullable String field) {
        Measure measure = Arrays.stream(Measure.values())
                .filter(m -> HeadBody.field(m).equals(field))
                .findFirst()
                .orElse(null);
        List<Sent> all = settled(tape.sent());
        int last = all.isEmpty() ? 0 : all.get(all.size() - 1).number();
        if (after == null) {
            return new TapeView(last, List.of());
        }
        List<TapedView> heard = all.stream()
                .filter(s -> s.number() > after)
                .limit(MAX)
                .map(s -> new TapedView(s.number(), s.mm(), trouble(measure, s.mm())))
                .toList();
        return new TapeView(last, heard);
    }

    /** Without what bounced. */
    static List<Sent> settled(List<Sent> sent) {
        List<Sent> settled = new ArrayList<>();
        for (Sent s : sent) {
            Sent before = settled.isEmpty() ? null : settled.get(settled.size() - 1);
            boolean isBounce = before != null && s.mm() == before.mm() && s.atMs() - before.atMs() < BOUNCE_MS;
            if (!isBounce) {
                settled.add(s);
            }
        }
        return settled;
    }

    private static List<Piece> trouble(@Nullable Measure measure, double mm) {
        if (measure == null) {
            return List.of();
        }
        Interval limits = measure.limitsMm();
        return limits.contains(mm)
                ? List.of()
                : Piece.of(Sentence.of(
                        "The tape sent ",
                        Quantity.mm(mm),
                        "; ",
                        measure.words(),
                        " lies between ",
                        Quantity.mm(limits.min()),
                        " and ",
                        Quantity.mm(limits.max()),
                        ". Take it once more."));
    }
}
