package gyrotaxis.core.compare;

import gyrotaxis.core.install.Zone;
import gyrotaxis.core.plan.WearView;
import gyrotaxis.core.quantity.Quantity;
import gyrotaxis.core.quantity.Sentence;
import gyrotaxis.core.wear.Cover;
import gyrotaxis.core.wear.KnotSight;
import java.util.ArrayList;
import java.util.List;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.stream.Collectors;

/** Says how the figures of a look come about. */
final class WornWhys {
    /** Fully hidden, footprints: more than this leaves less than one part in a hundred of the skin. */
    private static final double ONE = 1;

    private WornWhys() {}

    /** What all figures of skin rest upon. */
    private static Sentence rule() {
        return Sentence.of(
                "Where hair lies once over, ",
                Quantity.part(Cover.exposedUnder(ONE)),
                " of the skin is still seen; twice over, ",
                Quantity.part(Cover.exposedUnder(ONE + ONE)),
                " (an estimate).");
    }

    static List<Sentence> skin(WearView worn) {
        List<Sentence> steps = new ArrayList<>();
        worn.cover()
                .exposedByZone()
                .forEach((zone, share) -> steps.add(Sentence.of(zone.words(), ": ", Quantity.part(share), ".")
                        .capital()));
        steps.add(Sentence.of("What is meant to show, as beside a worn part, is not counted."));
        steps.add(rule());
        return steps;
    }

    static Function<WearView, List<Sentence>> skin(Zone zone) {
        return worn -> List.of(
                Sentence.of(
                        "Hair lies over it ",
                        Quantity.times(worn.cover().depthByZone().getOrDefault(zone, 0.0)),
                        " on average, more in some places and less in others."),
                rule());
    }

    static List<Sentence> gaps(WearView worn) {
        List<Cover.Gap> gaps = worn.cover().gaps();
        if (gaps.isEmpty()) {
            return List.of(Sentence.of(
                    "Nowhere is more than ", Quantity.part(Cover.PLAINLY_BARE), " of the skin bare in one place."));
        }
        return gaps.stream()
                .map(g -> Sentence.of(
                                g.place(),
                                ": ",
                                Quantity.mm2(g.areaMm2()),
                                ", ",
                                Quantity.part(g.exposed()),
                                " of it bare.")
                        .capital())
                .toList();
    }

    static List<Sentence> knots(WearView worn) {
        if (worn.knots().isEmpty()) {
            return List.of(Sentence.of("Over each of them lies enough hair."));
        }
        List<Sentence> steps = new ArrayList<>();
        worn.knots().stream()
                .collect(Collectors.groupingBy(KnotSight::why, TreeMap::new, Collectors.counting()))
                .forEach((why, many) -> steps.add(Sentence.of(many, " × ", why, ".")));
        return steps;
    }

    static List<Sentence> rows(WearView worn) {
        if (worn.rowsShowing().isEmpty()) {
            return List.of(Sentence.of("No row lies bare for more than a finger."));
        }
        return worn.rowsShowing().stream()
                .map(r -> Sentence.of(r.row(), ": ", Quantity.mm(r.mm()), " of it lie bare.")
                        .capital())
                .toList();
    }

    static List<Sentence> fullness(WearView worn) {
        return List.of(Sentence.of(
                "Hair lies over the skin ",
                Quantity.times(worn.cover().meanDepth()),
                " on average; on a full head it does ",
                Quantity.times(Cover.FULL_DEPTH),
                "."));
    }
}
