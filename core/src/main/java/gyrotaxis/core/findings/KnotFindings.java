package gyrotaxis.core.findings;

import static gyrotaxis.core.quantity.Quantity.part;

import gyrotaxis.core.findings.Finding.Code;
import gyrotaxis.core.findings.Finding.Place;
import gyrotaxis.core.findings.Finding.Remedy;
import gyrotaxis.core.foundation.Back;
import gyrotaxis.core.foundation.Foundation;
import gyrotaxis.core.hair.Share;
import gyrotaxis.core.install.Hooked;
import gyrotaxis.core.install.HookingBrief;
import gyrotaxis.core.install.Method;
import gyrotaxis.core.install.Role;
import gyrotaxis.core.install.Station;
import gyrotaxis.core.install.StationEdit;
import gyrotaxis.core.install.StationId;
import gyrotaxis.core.install.Zone;
import gyrotaxis.core.knot.ExtraHold;
import gyrotaxis.core.knot.Hold;
import gyrotaxis.core.knot.Knot;
import gyrotaxis.core.knot.Tie;
import gyrotaxis.core.plan.InstallBrief;
import gyrotaxis.core.quantity.Sentence;
import gyrotaxis.core.row.LostEdit;
import gyrotaxis.core.row.Section;
import gyrotaxis.core.wear.KnotSight;
import gyrotaxis.core.wear.KnotWatch;
import gyrotaxis.core.wear.Way;
import gyrotaxis.core.wear.Worn;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/** What is to be said about the knots: which slide, which show, which are hooked against another rule. */
final class KnotFindings {
    /** A change names the station that was there when it was made, mm. */
    private static final double SAME_MM = 1;

    private final FindingList list;
    private final InstallBrief brief;
    private final HookingBrief asked;
    private final Hooked hooked;

    KnotFindings(FindingList list) {
        this.list = list;
        this.brief = list.brief;
        this.asked = brief.hooking();
        this.hooked = list.laid.hooked();
    }

    void look() {
        lost();
        slips();
        shows();
        contested();
        holes();
    }

    /** A share that was wished for may be larger than the holes of a cap take; what goes in whole is thin. */
    private void holes() {
        Foundation foundation = list.laid.foundation();
        Optional<Station> tooLarge = foundation.cap().stream()
                .flatMap(c -> hooked.stations().stream()
                        .filter(s -> s.id().row().section() == Section.CAP
                                && !hooked.hairOf(s).goesInWhole()
                                && s.share().parts() < c.mesh().leastParts()))
                .findFirst();
        if (tooLarge.isEmpty() || !(brief.foundation().back() instanceof Back.Capped c)) {
            return;
        }
        Share share = tooLarge.get().share();
        list.add(
                Code.HOLES_TOO_FINE,
                Severity.WARNING,
                new Place.AtStation(tooLarge.get().id()),
                "The cap has fine holes, and a " + share.words() + " goes through them badly.",
                List.of(new Remedy(
                        "Take a cap with wide holes",
                        brief.withFoundation(brief.foundation().withBack(c.meshed(true))))));
    }

    private void lost() {
        for (LostEdit l : hooked.lost()) {
            List<StationEdit> rest = new ArrayList<>(asked.edits());
            rest.remove(l.index());
            list.add(
                    Code.EDIT_LOST,
                    Severity.HINT,
                    FindingList.head(),
                    l.reason(),
                    List.of(new Remedy("Forget this change", brief.withHooking(asked.withEdits(rest)))));
        }
    }

    /** Remedies in the order in which a stylist tries them: a smaller share, more passes, another method, extra hold. */
    private void slips() {
        List<Station> sliding = hooked.stations().stream()
                .filter(s -> !hooked.lasts(s, brief.demand()))
                .toList();
        if (sliding.isEmpty()) {
            return;
        }
        Station worst = sliding.stream()
                .min(Comparator.comparingDouble(
                        s -> hooked.holdOf(s, brief.demand()).score()))
                .orElseThrow();
        Hold hold = hooked.holdOf(worst, brief.demand());
        List<Remedy> remedies = new ArrayList<>();
        byMethod(sliding).ifPresent(remedies::add);
        smallerShares(sliding.stream().filter(s -> !s.byHand()).toList()).ifPresent(remedies::add);
        edited(
                        "Pass them until they last",
                        sliding,
                        s -> fewestPasses(s).map(n -> new StationEdit.Pass(s.id().row(), at(s), n)))
                .ifPresent(remedies::add);
        edited(
                        "Tie small shares twist-first",
                        sliding,
                        s -> s.tie().knot() == Knot.REGULAR
                                        && wouldLast(
                                                s,
                                                Tie.of(Knot.TWIST_FIRST, s.tie().passes()))
                                ? Optional.of(new StationEdit.Retie(s.id().row(), at(s), Knot.TWIST_FIRST))
                                : Optional.empty())
                .ifPresent(remedies::add);
        for (ExtraHold more : List.of(ExtraHold.FINGER_TURN, ExtraHold.TIED_SLIVER)) {
            edited(
                            Sentence.of(more.words()).capital().toString(),
                            sliding,
                            s -> wouldLast(s, s.tie().alsoHolding(more))
                                    ? Optional.of(new StationEdit.Hold(s.id().row(), at(s), more))
                                    : Optional.empty())
                    .ifPresent(remedies::add);
        }
        list.add(
                Code.KNOT_SLIPS,
                Severity.WARNING,
                new Place.AtStation(worst.id()),
                Sentence.of(
                        sliding.size(),
                        " of ",
                        hooked.stations().size(),
                        " knots may slide before the hair is taken down. The least sure holds ",
                        part(hold.score()),
                        " of what ",
                        hold.factors().get(hold.factors().size() - 1).words(),
                        " ask for (an estimate): ",
                        hooked.slipOf(worst).words(),
                        " fibre, ",
                        worst.share().words(),
                        ", ",
                        worst.tie().words(),
                        "."),
                remedies);
    }

    private Optional<Integer> fewestPasses(Station s) {
        return IntStream.rangeClosed(s.tie().passes() + 1, Tie.USEFUL_PASSES)
                .filter(n -> s.tie().knot().hasPasses() && wouldLast(s, s.tie().passing(n)))
                .boxed()
                .findFirst();
    }

    private boolean wouldLast(Station s, Tie tie) {
        return Hold.wouldLast(hooked.slipOf(s), s.share(), tie, brief.demand());
    }

    /** What was tied by hand, tied by the method again. */
    private Optional<Remedy> byMethod(List<Station> sliding) {
        List<StationEdit> rest = asked.edits().stream()
                .filter(e -> !isTie(e) || sliding.stream().noneMatch(s -> isAt(s, e)))
                .toList();
        return rest.size() == asked.edits().size()
                ? Optional.empty()
                : Optional.of(
                        new Remedy("Leave how they are tied to the method", brief.withHooking(asked.withEdits(rest))));
    }

    private static boolean isTie(StationEdit e) {
        return e instanceof StationEdit.Retie
                || e instanceof StationEdit.Pass
                || e instanceof StationEdit.Hold
                || e instanceof StationEdit.PartLeg;
    }

    private boolean isAt(Station s, StationEdit e) {
        double length = list.laid.foundation().row(s.id().row()).orElseThrow().lengthMm();
        return e.row().equals(s.id().row()) && Math.abs(e.at() * length - s.alongRowMm()) < SAME_MM;
    }

    /** Smaller shares; they are hooked as much more closely, so that the head keeps its hair. */
    private Optional<Remedy> smallerShares(List<Station> sliding) {
        Map<Zone, Share> zones = new LinkedHashMap<>();
        for (Station s : sliding) {
            Share usual = hooked.plan().setting(s.zone()).share();
            Hold.largestThatLasts(hooked.slipOf(s), brief.demand())
                    .filter(lasting -> !hooked.hairOf(s).goesInWhole())
                    .filter(lasting -> s.share().equals(usual) && lasting.parts() > usual.parts())
                    .ifPresent(lasting -> zones.put(s.zone(), lasting));
        }
        if (zones.isEmpty()) {
            return Optional.empty();
        }
        HookingBrief other = asked;
        for (Map.Entry<Zone, Share> z : zones.entrySet()) {
            other = other.taking(z.getKey(), z.getValue());
        }
        String words = zones.entrySet().stream()
                .map(z -> z.getValue().words() + " at the " + z.getKey().words())
                .collect(Collectors.joining(", "));
        return Optional.of(new Remedy("Take smaller shares: " + words, brief.withHooking(other)));
    }

    private interface Change {
        Optional<StationEdit> of(Station s);
    }

    private Optional<Remedy> edited(String words, List<Station> stations, Change change) {
        List<StationEdit> edits = new ArrayList<>(asked.edits());
        int before = edits.size();
        stations.forEach(s -> change.of(s).ifPresent(edits::add));
        return edits.size() == before || edits.size() > HookingBrief.MAX_EDITS
                ? Optional.empty()
                : Optional.of(new Remedy(words, brief.withHooking(asked.withEdits(edits))));
    }

    /** Where on its row a station lies, as edits say it. */
    private double at(Station s) {
        return s.partOf(list.laid.foundation().row(s.id().row()).orElseThrow());
    }

    /** In the ways she means to wear it: down with each part, and what she asked for. */
    private void shows() {
        for (Worn worn : Worn.all(list.laid.foundation())) {
            boolean isAsked =
                    worn.way() == Way.DOWN || brief.consultation().ways().contains(worn.way());
            List<KnotSight> sights = isAsked ? KnotWatch.of(hooked, list.laid.foundation(), worn) : List.of();
            if (!sights.isEmpty()) {
                shows(worn, sights);
            }
        }
    }

    private void shows(Worn worn, List<KnotSight> sights) {
        Set<StationId> byKnot = sights.stream()
                .filter(KnotSight::byKnot)
                .map(KnotSight::station)
                .collect(Collectors.toSet());
        List<Station> shown =
                hooked.stations().stream().filter(s -> byKnot.contains(s.id())).toList();
        List<Remedy> remedies = new ArrayList<>();
        edited(
                        shown.size() == 1 ? "Tie it invisible" : "Tie them invisible",
                        shown,
                        s -> Optional.of(new StationEdit.Retie(s.id().row(), at(s), Knot.INVISIBLE)))
                .ifPresent(remedies::add);
        boolean byBearing = sights.stream().anyMatch(k -> !k.byKnot());
        if (byBearing && asked.method().bearing() == Method.BearingFirst.FALL) {
            remedies.add(new Remedy(
                    "Hook toward what shows first",
                    brief.withHooking(asked.by(asked.method().with(Method.BearingFirst.WHAT_SHOWS)))));
        }
        KnotSight first = sights.get(0);
        list.add(
                Code.KNOT_SHOWS,
                Severity.WARNING,
                new Place.AtStation(first.station()),
                (sights.size() == 1 ? "1 knot shows" : sights.size() + " knots show") + " when it is worn "
                        + worn.words() + ": " + first.why() + " at " + first.station() + ".",
                remedies);
    }

    private void contested() {
        List<Station> contested = hooked.stations().stream()
                .filter(s -> s.role() == Role.PART && s.bearing().isContested())
                .toList();
        if (contested.isEmpty()) {
            return;
        }
        List<Remedy> remedies = asked.method().knots().part() == Method.PartKnot.DOUBLE_ENTRY
                ? List.of()
                : List.of(new Remedy(
                        "Use double-entry beside parts",
                        brief.withHooking(asked.by(asked.method().with(Method.PartKnot.DOUBLE_ENTRY)))));
        list.add(
                Code.BEARING_CONTESTED,
                Severity.HINT,
                FindingList.row(contested.get(0).id().row()),
                contested.get(0).id().row().words()
                        + " lies beside two parts. It is hooked toward the part that comes first in the plan; worn with the other, its knots face it. A knotless method suits both.",
                remedies);
    }
}
