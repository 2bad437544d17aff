package gyrotaxis.core.findings;

import static gyrotaxis.core.quantity.Quantity.minutes;
import static gyrotaxis.core.quantity.Quantity.part;

import gyrotaxis.core.care.Caution;
import gyrotaxis.core.estimate.Known;
import gyrotaxis.core.estimate.Learned;
import gyrotaxis.core.findings.Finding.Code;
import gyrotaxis.core.findings.Finding.Place;
import gyrotaxis.core.findings.Finding.Remedy;
import gyrotaxis.core.foundation.FoundationBrief;
import gyrotaxis.core.foundation.TailChoice;
import gyrotaxis.core.plan.Consultation;
import gyrotaxis.core.plan.InstallBrief;
import gyrotaxis.core.plan.InstallPlan;
import gyrotaxis.core.quantity.Estimate;
import gyrotaxis.core.quantity.Sentence;
import gyrotaxis.core.row.LostEdit;
import gyrotaxis.core.row.RowEdit;
import gyrotaxis.core.scalp.Misfit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;

/** Looks a plan over and says what is to be said. */
public final class Findings {
    private static final int MIN_FRONT = (int) FoundationBrief.FRONT_ROWS.min();

    private final FindingList list;
    private final InstallPlan laid;
    private final InstallBrief brief;

    private Findings(InstallPlan laid) {
        this.list = new FindingList(laid);
        this.laid = laid;
        this.brief = laid.brief();
    }

    /** All findings, gravest first, otherwise in the order of the trade. */
    public static List<Finding> of(InstallPlan laid) {
        Findings f = new Findings(laid);
        laid.scalp().head().misfit().ifPresentOrElse(f::misfit, f::unlikely);
        new PartFindings(f.list).look();
        new RowFindings(f.list).look();
        new RimFindings(f.list).look();
        new TailFindings(f.list).look();
        new KnotFindings(f.list).look();
        f.lostEdits();
        f.time();
        f.wear();
        f.brief.cautions().forEach(f::care);
        return f.list.all().stream()
                .sorted(Comparator.comparing(Finding::severity))
                .toList();
    }

    private void misfit(Misfit m) {
        list.add(Code.MEASURE_MISFIT, Severity.WARNING, new Place.Taken(m.measure()), m.words());
    }

    private void unlikely() {
        laid.scalp()
                .unlikelyMeasure()
                .ifPresent(m -> list.add(Code.MEASURE_MISFIT, Severity.HINT, new Place.Taken(m.measure()), m.remark()));
    }

    private void lostEdits() {
        FoundationBrief f = brief.foundation();
        List<LostEdit> lost = Stream.concat(
                        laid.foundation().lostEdits().stream(), laid.braiding().lostChoices().stream())
                .toList();
        for (int i = 0; i < lost.size(); i++) {
            List<Remedy> remedies = new ArrayList<>();
            remedies.add(new Remedy(
                    lost.get(i).index() == LostEdit.NO_EDIT ? "Let them join as usual" : "Forget this change",
                    brief.withFoundation(without(f, lost.get(i)))));
            if (i == 0 && lost.size() > 1) {
                remedies.add(new Remedy(
                        "Forget all " + lost.size() + " changes that find no place",
                        brief.withFoundation(withoutAll(f, lost))));
            }
            list.add(
                    Code.EDIT_LOST,
                    Severity.HINT,
                    FindingList.head(),
                    lost.get(i).reason(),
                    remedies);
        }
    }

    /** Each is taken out once. Later ones first, so that the places of the others stay what they are. */
    private static FoundationBrief withoutAll(FoundationBrief f, List<LostEdit> lost) {
        FoundationBrief rest = f;
        for (LostEdit l : lost.stream()
                .map(l -> new LostEdit(l.index(), l.isTail(), ""))
                .distinct()
                .sorted(Comparator.comparingInt(LostEdit::index).reversed())
                .toList()) {
            rest = without(rest, l);
        }
        return rest;
    }

    private static FoundationBrief without(FoundationBrief f, LostEdit lost) {
        if (lost.isTail()) {
            List<TailChoice> tails = new ArrayList<>(f.tails());
            tails.remove(lost.index());
            return f.withTails(tails);
        }
        if (lost.index() == LostEdit.NO_EDIT) {
            return f.joining(List.of());
        }
        List<RowEdit> edits = new ArrayList<>(f.edits());
        edits.remove(lost.index());
        return f.withEdits(edits);
    }

    private void time() {
        if (brief.consultation().chairMinutes().isEmpty()) {
            return;
        }
        double has = brief.consultation().chairMinutes().getAsDouble();
        Estimate takes = laid.time().inChair();
        if (takes.likely() <= has) {
            return;
        }
        List<Remedy> remedies = new ArrayList<>();
        FoundationBrief f = brief.foundation();
        int fewer = f.frontRows() - 2;
        if (fewer >= MIN_FRONT) {
            list.lay("Braid " + fewer + " rows in front", f.withFrontRows(fewer))
                    .ifPresent(remedies::add);
        }
        double lighter = Math.max(0.6, Math.floor(brief.fullness() * has / takes.likely() * 20) / 20);
        if (lighter < brief.fullness()) {
            remedies.add(
                    new Remedy(Sentence.of("Hook it at ", part(lighter), " fullness"), brief.withFullness(lighter)));
        }
        list.add(
                Code.TOO_LONG_IN_CHAIR,
                takes.low() > has ? Severity.WARNING : Severity.HINT,
                FindingList.head(),
                Sentence.of(
                        "She has ",
                        minutes(has),
                        "; this takes about ",
                        minutes(takes.likely()),
                        ", ",
                        minutes(takes.low()),
                        " on a quick day."),
                remedies);
    }

    /** She wishes it longer than this hair lasted on others; nothing is said where it was not seen. */
    private void wear() {
        Learned.Value lasted = brief.learned().values().get(Known.WEAR);
        int wished = brief.consultation().weeks();
        if (lasted == null || Math.round(lasted.value()) >= wished) {
            return;
        }
        int weeks = (int) Math.max(Consultation.WEEKS.min(), Math.round(lasted.value()));
        list.add(
                Code.WORN_LONGER_THAN_IT_LASTS,
                Severity.HINT,
                new Place.Hair(),
                Sentence.of("It is to be worn for " + some(wished, "week") + "; this hair came down after about "
                        + some(weeks, "week") + ", as learned from " + some(lasted.visits(), "visit") + "."),
                List.of(new Remedy(
                        "Plan the takedown after " + some(weeks, "week"),
                        brief.withConsultation(brief.consultation().wornFor(weeks)))));
    }

    private static String some(int many, String what) {
        return many + " " + what + (many == 1 ? "" : "s");
    }

    private void care(Caution c) {
        Severity severity = switch (c) {
            case DO_NOT_INSTALL -> Severity.STOP;
            case RINSE_FIRST, SPARE_THE_EDGES, BRAID_LOOSELY, CROWN_SHOWS, TAKE_DOWN_SOONER, ROOTS_MAT, PATCH_TEST ->
                Severity.WARNING;
            default -> Severity.HINT;
        };
        Place place = c == Caution.COATED || c == Caution.RINSE_FIRST ? new Place.Hair() : new Place.Head();
        List<Remedy> remedies = switch (c) {
            case ROOTS_MAT ->
                List.of(new Remedy(
                        "Feed a little fibre into the rows",
                        brief.withFoundation(brief.foundation().withFibreFed(true))));
            case TAKE_DOWN_SOONER ->
                List.of(new Remedy(
                        "Plan the takedown after 6 weeks",
                        brief.withConsultation(brief.consultation().wornFor(6))));
            default -> List.of();
        };
        list.add(Code.CARE, severity, place, c.words(), remedies);
    }
}
