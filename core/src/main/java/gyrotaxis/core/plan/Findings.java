package gyrotaxis.core.plan;

import gyrotaxis.core.care.Caution;
import gyrotaxis.core.care.Cautions;
import gyrotaxis.core.foundation.Braiding;
import gyrotaxis.core.foundation.Foundation;
import gyrotaxis.core.foundation.FoundationBrief;
import gyrotaxis.core.foundation.Row;
import gyrotaxis.core.foundation.Section;
import gyrotaxis.core.foundation.Tail;
import gyrotaxis.core.plan.Finding.Code;
import gyrotaxis.core.plan.Finding.Place;
import gyrotaxis.core.plan.Finding.Remedy;
import gyrotaxis.core.scalp.Misfit;
import gyrotaxis.core.scalp.Scalp;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** Looks a laid head over and says what is to be said. */
final class Findings {
    /**
     * A front row thicker than this lies like a rope and shows, mm.
     *
     * @see "ASSUMPTION: two thirds of a finger; asked of stylists, not measured"
     */
    static final double ROPE_MM = 11.5;

    /**
     * A strip narrower than this cannot be parted and braided evenly, mm.
     *
     * @see "ASSUMPTION: about the width of a fingernail"
     */
    static final double NARROW_STRIP_MM = 9;

    /** One loose end, or two, is what to aim for. */
    static final int MOST_LOOSE_ENDS = 2;

    private final InstallBrief brief;
    private final List<Finding> found = new ArrayList<>();

    private Findings(InstallBrief brief) {
        this.brief = brief;
    }

    /** All findings, gravest first, otherwise in the order of the trade. */
    static List<Finding> of(InstallBrief brief, Scalp scalp, Foundation foundation, Braiding braiding) {
        Findings f = new Findings(brief);
        scalp.head().misfit().ifPresent(f::misfit);
        f.rows(foundation);
        PartFindings.of(brief, scalp, foundation).forEach(f.found::add);
        f.tails(braiding);
        Cautions.of(brief.ownHair(), brief.hair()).forEach(f::care);
        return f.found.stream().sorted(Comparator.comparing(Finding::severity)).toList();
    }

    static String misfitWords(Misfit m) {
        return String.format(
                Locale.ROOT,
                "%s is %.1f cm, but the other measures make it %.1f cm, %.1f cm %s. Measure it again.",
                capital(m.measure().words()),
                m.enteredMm() / 10,
                m.expectedMm() / 10,
                Math.abs(m.excessMm()) / 10,
                m.excessMm() > 0 ? "less" : "more");
    }

    private void misfit(Misfit m) {
        add(
                Code.MEASURE_MISFIT,
                Severity.WARNING,
                new Place(Place.Kind.MEASURE, m.measure().name()),
                misfitWords(m),
                Optional.empty());
    }

    private void rows(Foundation foundation) {
        List<Row> front = foundation.rowsOf(Section.FRONT);
        Row thickest = front.stream()
                .max(Comparator.comparingDouble(Row::braidWidthMm))
                .orElseThrow();
        int rows = brief.foundation().frontRows();
        if (thickest.braidWidthMm() > ROPE_MM) {
            // Thickness goes with the root of the strip's width, and that with one over the number of rows.
            int enough = (int) Math.ceil(rows * Math.pow(thickest.braidWidthMm() / ROPE_MM, 2));
            int even = Math.min((int) FoundationBrief.FRONT_ROWS.max(), enough + enough % 2);
            add(
                    Code.ROPE_THICK_ROWS,
                    Severity.WARNING,
                    new Place(Place.Kind.ROW, thickest.id().toString()),
                    String.format(
                            Locale.ROOT,
                            "%s gathers %.1f cm of %s hair and would be about %.1f cm thick, a rope that shows. More rows lie flatter.",
                            capital(thickest.id().words()),
                            Foundation.stripWidthMm(thickest) / 10,
                            brief.ownHair().density().words(),
                            thickest.braidWidthMm() / 10),
                    even > rows
                            ? Optional.of(new Remedy(
                                    "Braid " + even + " rows in front",
                                    brief.withFoundation(brief.foundation().withFrontRows(even))))
                            : Optional.empty());
        }
        Row narrowest = front.stream()
                .min(Comparator.comparingDouble(Foundation::stripWidthMm))
                .orElseThrow();
        double strip = Foundation.stripWidthMm(narrowest);
        if (strip < NARROW_STRIP_MM) {
            int fit =
                    Math.max((int) FoundationBrief.FRONT_ROWS.min(), (int) Math.floor(rows * strip / NARROW_STRIP_MM));
            int even = fit - fit % 2;
            add(
                    Code.ROWS_TOO_NARROW,
                    Severity.WARNING,
                    new Place(Place.Kind.ROW, narrowest.id().toString()),
                    String.format(
                            Locale.ROOT,
                            "%s has only %.1f cm of scalp, narrower than a fingernail. %d rows fit this head.",
                            capital(narrowest.id().words()),
                            strip / 10,
                            even),
                    Optional.of(new Remedy(
                            "Braid " + even + " rows in front",
                            brief.withFoundation(brief.foundation().withFrontRows(even)))));
        }
        if (!foundation.joinsMatch()) {
            add(
                    Code.UNEVEN_JOINS,
                    Severity.HINT,
                    new Place(Place.Kind.HEAD, ""),
                    rows + " rows cannot join into " + brief.foundation().backRows()
                            + " alike on both sides; the client's left carries one more.",
                    Optional.of(new Remedy(
                            "Braid " + (rows - 1) + " rows in front",
                            brief.withFoundation(brief.foundation().withFrontRows(rows - 1)))));
        }
    }

    private void tails(Braiding braiding) {
        List<Tail> loose = braiding.looseEnds();
        Severity severity = loose.size() > MOST_LOOSE_ENDS ? Severity.WARNING : Severity.HINT;
        for (Tail t : loose) {
            add(
                    Code.LOOSE_END,
                    severity,
                    new Place(Place.Kind.ROW, t.row().toString()),
                    capital(t.row().words())
                            + (t.kind() == Tail.Kind.TOO_SHORT
                                    ? " ends at the nape too short to reach another row. Stitch it down, or pin it."
                                    : " ends loose at the nape. Stitch it down with thread of another colour, to be found at takedown."),
                    Optional.empty());
        }
    }

    private void care(Caution c) {
        Severity severity = switch (c) {
            case DO_NOT_INSTALL -> Severity.STOP;
            case RINSE_FIRST, SPARE_THE_EDGES, BRAID_LOOSELY, CROWN_SHOWS -> Severity.WARNING;
            case COATED -> Severity.HINT;
        };
        Place.Kind kind = c == Caution.COATED || c == Caution.RINSE_FIRST ? Place.Kind.HAIR : Place.Kind.HEAD;
        add(Code.CARE, severity, new Place(kind, ""), c.words(), Optional.empty());
    }

    private void add(Code code, Severity severity, Place place, String reason, Optional<Remedy> remedy) {
        found.add(new Finding(code, severity, place, reason, remedy));
    }

    static String capital(String words) {
        return words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1);
    }
}
