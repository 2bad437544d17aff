package gyrotaxis.core.findings;

import static gyrotaxis.core.quantity.Quantity.mm;

import gyrotaxis.core.care.Pull;
import gyrotaxis.core.findings.Finding.Code;
import gyrotaxis.core.findings.Finding.Place;
import gyrotaxis.core.findings.Finding.Remedy;
import gyrotaxis.core.foundation.Back;
import gyrotaxis.core.foundation.FlankSchool;
import gyrotaxis.core.foundation.FoundationBrief;
import gyrotaxis.core.foundation.FoundationException;
import gyrotaxis.core.foundation.LaidPart;
import gyrotaxis.core.foundation.LaidPart.Unended;
import gyrotaxis.core.foundation.PartEnd;
import gyrotaxis.core.foundation.Row;
import gyrotaxis.core.foundation.WearingPart;
import gyrotaxis.core.laying.RowLayout;
import gyrotaxis.core.plan.Consultation.Fall;
import gyrotaxis.core.plan.InstallBrief;
import gyrotaxis.core.quantity.Sentence;
import gyrotaxis.core.scalp.HairlineShape.Peak;
import gyrotaxis.core.scalp.Region;
import gyrotaxis.core.scalp.RegionKind;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/** What is to be said about the wearing parts. */
final class PartFindings {
    /** How far beside a peak a part starts clear of it, beyond half of the peak's reach, mm. */
    private static final double BESIDE_PEAK_MM = 2;

    /** How far a remedy moves a part out of a cowlick, mm. ASSUMPTION: about a finger, most of what a cowlick reaches. */
    private static final double OUT_OF_COWLICK_MM = 15;

    /** Lengths are proposed in steps of this, mm. */
    private static final double WHOLE_STEP_MM = 5;

    private final FindingList list;
    private final InstallBrief brief;
    private final FoundationBrief asked;

    PartFindings(FindingList list) {
        this.list = list;
        this.brief = list.brief;
        this.asked = brief.foundation();
    }

    void look() {
        List<LaidPart> parts = list.laid.foundation().parts();
        for (int i = 0; i < parts.size(); i++) {
            LaidPart part = parts.get(i);
            Place.AtPart place = new Place.AtPart(i + 1);
            if (!part.isOpen()) {
                closesEarly(part, place);
            }
            part.unended().ifPresent(u -> runOn(part, u, place));
            if (part.narrowestMm() < asked.flanks().readsAsSkinMm()) {
                tooNarrow(part, place);
            }
            brief.head().hairline().peak().ifPresent(peak -> inPeak(part, place, peak));
            inCowlick(part, place);
        }
        fall();
    }

    private void closesEarly(LaidPart part, Place.AtPart place) {
        list.add(
                Code.PART_CLOSES_EARLY,
                Severity.WARNING,
                place,
                Sentence.of(
                        "Part ",
                        place.number(),
                        " is to run ",
                        mm(part.path().lengthMm()),
                        ", but after ",
                        mm(part.gap().openMm()),
                        " its flanking rows bend together and join."),
                openAllParts().stream().toList());
    }

    /** Flanking rows that cannot end as asked run on, and that is never done in silence. */
    private void runOn(LaidPart part, Unended unended, Place.AtPart place) {
        PartEnd end = part.asked().end();
        boolean isFar = unended.why() == Unended.Why.RUNS_TOO_FAR;
        Sentence asked = end == PartEnd.CROSSED
                ? Sentence.of("its flanking rows cannot cross")
                : Sentence.of("no half rows can end");
        List<Optional<Remedy>> remedies = new ArrayList<>();
        double stop = WHOLE_STEP_MM * Math.floor((unended.longestMm() - 1) / WHOLE_STEP_MM);
        if (isFar && WearingPart.LENGTH_MM.contains(stop)) {
            remedies.add(changed(
                    Sentence.of("Let it stop after ", mm(stop)),
                    part,
                    part.asked().stoppingAfter(stop)));
        }
        if (!isFar) {
            remedies.add(moreRowsInFront());
        }
        remedies.add(changed(
                Sentence.of("Let the rows beside it run on"), part, part.asked().ending(PartEnd.OPEN)));
        list.add(
                Code.PART_END_NOT_LAID,
                Severity.WARNING,
                place,
                isFar
                        ? Sentence.of(
                                "Behind part ",
                                place.number(),
                                " ",
                                asked,
                                ": it runs to the end of the front section. Up to ",
                                mm(unended.longestMm()),
                                " there is room behind it. As it is, the rows run on.")
                        : Sentence.of(
                                "Behind part ",
                                place.number(),
                                " ",
                                asked,
                                ": beside them no row runs on that could take over. As it is, they run on."),
                FindingList.those(remedies));
    }

    /** The least number of rows in front with which every part's flanks end as asked. */
    private Optional<Remedy> moreRowsInFront() {
        return IntStream.rangeClosed(asked.frontRows() + 1, (int) FoundationBrief.FRONT_ROWS.max())
                .boxed()
                .filter(this::endsAll)
                .findFirst()
                .map(n -> new Remedy("Braid " + n + " rows in front", brief.withFoundation(asked.withFrontRows(n))));
    }

    private boolean endsAll(int frontRows) {
        try {
            return RowLayout.lay(list.laid.scalp(), asked.withFrontRows(frontRows), brief.ownHair()).parts().stream()
                    .allMatch(p -> p.unended().isEmpty());
        } catch (FoundationException e) {
            return false;
        }
    }

    /** The number of rows behind, nearest to the present one, with which no two flanking rows join. */
    private Optional<Remedy> openAllParts() {
        int now = FoundationBrief.rowsOf(asked.back());
        if (now == 0) {
            return Optional.empty();
        }
        return IntStream.rangeClosed(Back.MIN_ROWS, asked.frontRows())
                .boxed()
                .sorted(Comparator.comparingInt((Integer n) -> Math.abs(n - now))
                        .thenComparing(n -> n))
                .filter(this::opensAll)
                .findFirst()
                .map(n -> new Remedy("Braid " + n + " rows behind", brief.withFoundation(asked.withBackRows(n))));
    }

    private boolean opensAll(int backRows) {
        try {
            return RowLayout.lay(list.laid.scalp(), asked.withBackRows(backRows), brief.ownHair()).parts().stream()
                    .allMatch(LaidPart::isOpen);
        } catch (FoundationException e) {
            return false;
        }
    }

    private void tooNarrow(LaidPart part, Place.AtPart place) {
        List<Remedy> remedies = new ArrayList<>();
        if (asked.flanks() != FlankSchool.WIDE_CHANNEL) {
            list.lay("Lean the flanking rows away", asked.withParts(asked.parts(), FlankSchool.WIDE_CHANNEL))
                    .ifPresent(remedies::add);
        }
        list.add(
                Code.PART_TOO_NARROW,
                Severity.WARNING,
                place,
                Sentence.of(
                        "Part ",
                        place.number(),
                        " shows only ",
                        mm(part.narrowestMm()),
                        asked.flanks() == FlankSchool.WIDE_CHANNEL
                                ? " of scalp where it is narrowest; hair closes over that and it does not read as skin."
                                : " of scalp where it is narrowest: the plaits beside it touch, and no line is left to comb and gel."),
                remedies);
    }

    /** A part that starts in a peak looks untidy; beside it, it can run straight back. */
    private void inPeak(LaidPart part, Place.AtPart place, Peak peak) {
        double start = part.asked().startMm();
        double clear = Peak.HALF_WIDTH_MM / 2 + BESIDE_PEAK_MM;
        if (Math.abs(start - peak.placeMm()) >= clear) {
            return;
        }
        list.add(
                Code.PART_IN_PEAK,
                Severity.WARNING,
                place,
                "Part " + place.number()
                        + " starts in the peak, where it looks untidy. Started beside the peak it runs straight back; starting it in the peak stays your choice.",
                FindingList.those(List.of(
                        moved("Start it beside the peak, on her left", part, peak.placeMm() - clear),
                        moved("Start it beside the peak, on her right", part, peak.placeMm() + clear))));
    }

    private void inCowlick(LaidPart part, Place.AtPart place) {
        for (Region r : brief.head().regions()) {
            if (r.kind() == RegionKind.COWLICK
                    && Pull.runsThrough(
                            list.laid.scalp(),
                            Row.of(part.gap().left(), part.path(), part.path().chart(), 1),
                            r)) {
                double start = part.asked().startMm();
                list.add(
                        Code.PART_IN_COWLICK,
                        Severity.HINT,
                        place,
                        "Part " + place.number() + " runs through a cowlick, " + r.name()
                                + "; the hair there stands against it.",
                        FindingList.those(List.of(
                                moved("Move it to her left", part, start - OUT_OF_COWLICK_MM),
                                moved("Move it to her right", part, start + OUT_OF_COWLICK_MM))));
                return;
            }
        }
    }

    private Optional<Remedy> moved(String words, LaidPart part, double toMm) {
        if (!WearingPart.START_MM.contains(toMm)) {
            return Optional.empty();
        }
        return changed(Sentence.of(words), part, part.asked().startingAt(toMm));
    }

    private Optional<Remedy> changed(Sentence words, LaidPart part, WearingPart other) {
        List<WearingPart> parts = asked.parts().stream()
                .map(p -> p.equals(part.asked()) ? other : p)
                .toList();
        return list.lay(words, asked.withParts(parts, asked.flanks()));
    }

    /** Hair that is to fall to one side wants its part on the other. */
    private void fall() {
        Fall fall = brief.consultation().fall();
        boolean carriesParts = asked.back().family().hasFront();
        if (fall == Fall.BACK || !carriesParts) {
            return;
        }
        double side = fall == Fall.LEFT ? 1 : -1;
        if (asked.parts().stream().anyMatch(p -> p.startMm() * side > 0)) {
            return;
        }
        List<WearingPart> parts = new ArrayList<>(asked.parts());
        parts.add(WearingPart.straight(side * WearingPart.SIDE_MM));
        list.add(
                Code.PART_ON_SIDE_OF_FALL,
                Severity.HINT,
                FindingList.head(),
                "The hair is to fall " + fall.words() + ", but no part lies on the other side for it to fall from.",
                list
                        .lay(
                                side > 0 ? "Add a part on her right" : "Add a part on her left",
                                asked.withParts(parts, asked.flanks()))
                        .stream()
                        .toList());
    }
}
