package gyrotaxis.core.findings;

import static gyrotaxis.core.quantity.Quantity.mm;
import static gyrotaxis.core.quantity.Quantity.part;

import gyrotaxis.core.findings.Finding.Code;
import gyrotaxis.core.findings.Finding.Place;
import gyrotaxis.core.findings.Finding.Remedy;
import gyrotaxis.core.foundation.FoundationBrief;
import gyrotaxis.core.foundation.RimBrief;
import gyrotaxis.core.foundation.RimBrief.Where;
import gyrotaxis.core.ownhair.ScalpCondition;
import gyrotaxis.core.plan.InstallBrief;
import gyrotaxis.core.quantity.Sentence;
import gyrotaxis.core.wear.UpdoView;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What is to be said about the hairline: thin edges, leave-out, and what updos would show. */
final class RimFindings {
    /** Behind thin edges nothing is braided nearer to the hairline than this, mm. ASSUMPTION: a finger and a bit. */
    static final double OFF_THIN_EDGES_MM = 20;

    /** How far the first share is set back from thin edges, mm; practitioners say 1 to 3 cm. */
    private static final double SET_BACK_MM = 15;

    /** Bases smaller than this pull on thin edges, mm. ASSUMPTION. */
    private static final double SMALL_BASE_MM = 12;

    /** Individuals that a remedy asks for. ASSUMPTION: as many as frame a face. */
    private static final int USUAL_PLAITS = 12;

    private static final Place RIM = new Place.Rim();

    private final FindingList list;
    private final InstallBrief brief;
    private final FoundationBrief asked;
    private final RimBrief rim;
    private final boolean hasThinEdges;

    RimFindings(FindingList list) {
        this.list = list;
        this.brief = list.brief;
        this.asked = brief.foundation();
        this.rim = asked.rim();
        this.hasThinEdges = brief.ownHair().has(ScalpCondition.THIN_EDGES);
    }

    void look() {
        if (hasThinEdges) {
            thinEdges();
        }
        leaveOut();
        updos();
    }

    private void thinEdges() {
        if (rim.perimeter() != Where.NOWHERE && rim.perimeterMm() < OFF_THIN_EDGES_MM) {
            list.add(
                    Code.EDGES_PULLED,
                    Severity.WARNING,
                    RIM,
                    Sentence.of(
                            "A perimeter braid ", mm(rim.perimeterMm()), " inside thin edges pulls on them all round."),
                    FindingList.those(List.of(
                            laid(
                                    Sentence.of("Set it ", mm(OFF_THIN_EDGES_MM), " inside"),
                                    rim.withPerimeter(rim.perimeter(), OFF_THIN_EDGES_MM)),
                            laid(
                                    Sentence.of("Take the perimeter braid out"),
                                    rim.withPerimeter(Where.NOWHERE, rim.perimeterMm())))));
        }
        if (!rim.sparesEdges() && rim.leaveOut() != Where.ALL_ROUND) {
            list.add(
                    Code.EDGES_PULLED,
                    Severity.WARNING,
                    RIM,
                    "The edges are thin and the rows take them up. Leave them out and start the rows behind them.",
                    laid(Sentence.of("Leave the edges unbraided"), rim.withEdgesSpared(true)).stream()
                            .toList());
        }
        if (rim.setBackMm() < SET_BACK_MM - 5) {
            list.add(
                    Code.EDGES_PULLED,
                    Severity.HINT,
                    RIM,
                    "The first shares hang right behind thin edges. Set back, the front of the row shows as part of the style.",
                    laid(Sentence.of("Set the first shares ", mm(SET_BACK_MM), " back"), rim.withSetBack(SET_BACK_MM))
                            .stream()
                            .toList());
        }
        RimBrief.Individuals plaits = rim.individuals();
        if (plaits.areAny() && plaits.baseMm() < SMALL_BASE_MM) {
            list.add(
                    Code.EDGES_PULLED,
                    Severity.WARNING,
                    RIM,
                    Sentence.of("Singles with bases of ", mm(plaits.baseMm()), " pull on thin edges."),
                    laid(
                                    Sentence.of("Make the bases ", mm(SMALL_BASE_MM)),
                                    rim.withIndividuals(plaits.withBases(SMALL_BASE_MM)))
                            .stream()
                            .toList());
        }
    }

    private void leaveOut() {
        if (rim.leaveOut() == Where.NOWHERE) {
            return;
        }
        if (hasThinEdges) {
            list.add(
                    Code.LEAVE_OUT,
                    Severity.WARNING,
                    RIM,
                    "Thin edges left out have to be blended every day, which wears on them.",
                    laid(Sentence.of("No leave-out"), rim.withLeaveOut(Where.NOWHERE, rim.leaveOutMm())).stream()
                            .toList());
        } else {
            list.add(
                    Code.LEAVE_OUT,
                    Severity.HINT,
                    RIM,
                    "The leave-out has to match the hair: better a moistened twist-set overnight than heat, which is a risk"
                            + (brief.consultation().hasFringe()
                                            && rim.leaveOut().front()
                                    ? ". It also lies over the fringe; decide which of the two she wants."
                                    : "."));
        }
    }

    private void updos() {
        for (UpdoView v : list.laid.updos()) {
            if (brief.consultation().ways().contains(v.way()) && !v.works()) {
                list.add(Code.UPDO_SHOWS, Severity.WARNING, RIM, words(v), updoRemedies());
            }
        }
    }

    private static Sentence words(UpdoView v) {
        Sentence bare = Sentence.of(
                mm(v.bareMm()), " of its edge, ", part(v.bareShare()), ", would be bare scalp, hair or no hair");
        String tails = v.tailsShowing().isEmpty()
                ? ""
                : (v.tailsShowing().size() == 1 ? "1 tail" : v.tailsShowing().size() + " tails")
                        + " would lie in sight";
        boolean isBare = v.bareShare() > 0 || tails.isEmpty();
        return Sentence.of(
                "A ", v.way().words(), ": ", isBare ? bare : "", isBare && !tails.isEmpty() ? " and " : "", tails, ".");
    }

    private List<Remedy> updoRemedies() {
        double inside = hasThinEdges ? OFF_THIN_EDGES_MM : rim.perimeterMm();
        List<Optional<Remedy>> remedies = new ArrayList<>();
        if (rim.perimeter() != Where.ALL_ROUND) {
            remedies.add(
                    laid(Sentence.of("Add a perimeter braid all round"), rim.withPerimeter(Where.ALL_ROUND, inside)));
        }
        if (!hasThinEdges && !rim.individuals().areAny()) {
            remedies.add(laid(
                    Sentence.of("Add singles round sides and nape"),
                    rim.withIndividuals(RimBrief.Individuals.along(Where.SIDES_AND_NAPE, USUAL_PLAITS, 1, 14, false))));
        }
        return FindingList.those(remedies);
    }

    private Optional<Remedy> laid(Sentence words, RimBrief other) {
        return list.lay(words, asked.withRim(other));
    }
}
