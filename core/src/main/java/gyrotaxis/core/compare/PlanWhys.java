package gyrotaxis.core.compare;

import gyrotaxis.core.braiding.SelfWork;
import gyrotaxis.core.estimate.Quote;
import gyrotaxis.core.foundation.Row;
import gyrotaxis.core.hair.Share;
import gyrotaxis.core.install.Hooked;
import gyrotaxis.core.install.Station;
import gyrotaxis.core.install.Zone;
import gyrotaxis.core.plan.InstallPlan;
import gyrotaxis.core.quantity.Money;
import gyrotaxis.core.quantity.Quantity;
import gyrotaxis.core.quantity.Sentence;
import gyrotaxis.core.row.Section;
import gyrotaxis.core.wear.PartChoice;
import gyrotaxis.core.wear.UpdoView;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.stream.Collectors;

/** Says how those figures of a comparison come about that are only told where plans lie beside each other. */
final class PlanWhys {
    private PlanWhys() {}

    /** Rows, section by section. */
    static List<Sentence> rows(InstallPlan plan) {
        List<Sentence> steps = new ArrayList<>();
        for (Section s : Section.values()) {
            int many = plan.foundation().rowsOf(s).size();
            if (many > 0) {
                steps.add(Sentence.of(s.words(), ": ", many, ".").capital());
            }
        }
        return steps;
    }

    static List<Sentence> rowsInFront(InstallPlan plan) {
        List<Row> front = plan.foundation().rowsOf(Section.FRONT);
        if (front.isEmpty()) {
            return List.of(Sentence.of("None of its rows starts at the forehead and runs back."));
        }
        double widest = front.stream().mapToDouble(Row::stripWidthMm).max().orElseThrow();
        double narrowest = front.stream().mapToDouble(Row::stripWidthMm).min().orElseThrow();
        return List.of(Sentence.of(
                "Their strips are ", Quantity.mm(narrowest), " to ", Quantity.mm(widest), " wide on the skin."));
    }

    /** Braided length, section by section. */
    static List<Sentence> braided(InstallPlan plan) {
        List<Sentence> steps = new ArrayList<>();
        for (Section s : Section.values()) {
            List<Row> rows = plan.foundation().rowsOf(s);
            if (!rows.isEmpty()) {
                double mm = rows.stream().mapToDouble(Row::lengthMm).sum();
                steps.add(Sentence.of(
                                s.words(),
                                ": ",
                                rows.size(),
                                rows.size() == 1 ? " row, " : " rows, ",
                                Quantity.mm(mm),
                                ".")
                        .capital());
            }
        }
        steps.add(
                Sentence.of("Together ", Quantity.mm(plan.foundation().lengthMm()), " along the skin, without tails."));
        return steps;
    }

    static List<Sentence> thickest(InstallPlan plan) {
        return plan.foundation().rows().stream()
                .max(Comparator.comparingDouble(Row::braidWidthMm))
                .map(r -> List.of(
                        Sentence.of(
                                        r.id().words(),
                                        ": its strip is ",
                                        Quantity.mm(r.stripWidthMm()),
                                        " wide, and the hair of ",
                                        Quantity.mm2(r.stripAreaMm2()),
                                        " goes into ",
                                        Quantity.mm(r.lengthMm()),
                                        " of braid.")
                                .capital(),
                        Sentence.of(
                                "As thick as her hair is, this makes it ", Quantity.mm(r.braidWidthMm()), " wide.")))
                .orElseThrow();
    }

    static List<Sentence> longestPart(InstallPlan plan) {
        return plan.partChoices().stream()
                .max(Comparator.comparingDouble(PartChoice::openMm))
                .map(c -> List.of(
                        Sentence.of(
                                "Between ",
                                c.gap().left().words(),
                                " and ",
                                c.gap().right().words(),
                                " nothing crosses for ",
                                Quantity.mm(c.openMm()),
                                "."),
                        c.stoppedBy()
                                .map(r -> Sentence.of("There the tail of ", r.words(), " crosses."))
                                .orElseGet(() -> Sentence.of("No tail crosses before its end."))))
                .orElseGet(() ->
                        List.of(Sentence.of("No two rows run back beside each other, so there is no gap to part in.")));
    }

    static List<Sentence> wideGaps(InstallPlan plan) {
        double asked = plan.brief().foundation().flanks().readsAsSkinMm();
        List<Sentence> steps = new ArrayList<>();
        steps.add(Sentence.of(
                "A gap reads as a part where nothing but skin is seen for ",
                Quantity.mm(asked),
                ", in all of its length."));
        for (PartChoice c : plan.partChoices()) {
            steps.add(Sentence.of(
                            c.gap().left().words(),
                            " to ",
                            c.gap().right().words(),
                            ": ",
                            Quantity.mm(c.gap().narrowestMm()),
                            c.readsAsSkin() ? " at its narrowest, enough." : " at its narrowest.")
                    .capital());
        }
        return steps;
    }

    static List<Sentence> updos(InstallPlan plan) {
        List<Sentence> steps = new ArrayList<>();
        for (UpdoView u : plan.updos()) {
            steps.add(Sentence.of(
                            u.way().words(),
                            ": ",
                            Quantity.part(u.bareShare()),
                            " of the edge that it shows is bare",
                            u.tailsShowing().isEmpty()
                                    ? ""
                                    : u.tailsShowing().size() == 1
                                            ? ", and a tail lies near it"
                                            : ", and " + u.tailsShowing().size() + " tails lie near it",
                            u.works() ? ". It is carried." : ".")
                    .capital());
        }
        steps.add(Sentence.of("Up to ", Quantity.part(UpdoView.MAX_BARE), " is hidden by what is combed over."));
        return steps;
    }

    static List<Sentence> strain(InstallPlan plan) {
        SelfWork work = plan.selfWork();
        List<Sentence> steps = new ArrayList<>();
        steps.add(Sentence.of(
                "In rows that are easy to reach: as if there were ",
                Math.round(work.strain()),
                " of them more (an estimate)."));
        work.reasons().forEach(r -> steps.add(Sentence.of(r, ".").capital()));
        return steps;
    }

    static List<Sentence> toMind() {
        return List.of(Sentence.of("Each is told below, marked ▲."));
    }

    static List<Sentence> asked(InstallPlan plan) {
        Quote q = plan.quote();
        List<Sentence> steps = new ArrayList<>();
        steps.add(said("Hair", q.materials()));
        q.others().forEach(l -> steps.add(said(l.what(), l.cost()).capital()));
        int percent = plan.brief().hooking().method().terms().marginPercent();
        q.margins().forEach(m -> steps.add(said(percent + " % on materials", m)));
        steps.add(said("Her time in the chair", q.chair()));
        return steps;
    }

    private static Sentence said(String what, Money cost) {
        return Sentence.of(what, ": ", cost.words() + ".");
    }

    static Function<InstallPlan, List<Sentence>> spacing(Zone zone) {
        return plan -> {
            Hooked hooked = plan.hooked();
            Share share = hooked.plan().setting(zone).share();
            return List.of(
                    Sentence.of(
                            "Set to ",
                            Quantity.mm(hooked.plan().setting(zone).spacingMm()),
                            " in the middle of the zone, each taking ",
                            share.words(),
                            "."),
                    Sentence.of(
                            "As they come to sit on rows as long as these, half of them are closer than this, half are wider."));
        };
    }

    static Function<InstallPlan, List<Sentence>> loops(Zone zone) {
        return plan -> {
            Map<Share, Long> bySize = plan.stations().stream()
                    .filter(s -> s.zone() == zone)
                    .collect(Collectors.groupingBy(Station::share, TreeMap::new, Collectors.counting()));
            if (bySize.isEmpty()) {
                return List.of(Sentence.of("Nothing is hooked there."));
            }
            List<Sentence> steps = new ArrayList<>();
            bySize.forEach((share, many) -> steps.add(Sentence.of(many, " × ", share.words(), ".")));
            return steps;
        };
    }

    static List<Sentence> slipping(InstallPlan plan) {
        List<Station> slipping = slippingOf(plan);
        if (slipping.isEmpty()) {
            return List.of(Sentence.of(
                    "Each knot holds for the ",
                    plan.brief().demand().weeks(),
                    " weeks that are wished, as she lives."));
        }
        List<Sentence> steps = new ArrayList<>();
        steps.add(Sentence.of(
                "They would let go before ", plan.brief().demand().weeks(), " weeks are over, as she lives:"));
        slipping.stream()
                .collect(Collectors.groupingBy(s -> s.tie().knot().words(), TreeMap::new, Collectors.counting()))
                .forEach((knot, many) -> steps.add(Sentence.of(many, " × ", knot, ".")));
        return steps;
    }

    /** The stations whose knots would not last as long as is wished. */
    static List<Station> slippingOf(InstallPlan plan) {
        Hooked hooked = plan.hooked();
        return hooked.stations().stream()
                .filter(s -> !hooked.lasts(s, plan.brief().demand()))
                .toList();
    }
}
