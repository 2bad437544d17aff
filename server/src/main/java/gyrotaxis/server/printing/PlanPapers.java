package gyrotaxis.server.printing;

import gyrotaxis.core.care.Caution;
import gyrotaxis.core.estimate.FoundationNeeds.Need;
import gyrotaxis.core.estimate.Quote;
import gyrotaxis.core.plan.InstallPlan;
import gyrotaxis.core.plan.Note;
import gyrotaxis.core.plan.Note.Moment;
import gyrotaxis.core.plan.Notes;
import gyrotaxis.core.plan.WorkSheet;
import gyrotaxis.core.plan.WorkSheetWriter;
import gyrotaxis.core.quantity.Estimate;
import gyrotaxis.core.quantity.Money;
import gyrotaxis.core.quantity.Pronoun;
import gyrotaxis.core.quantity.Quantity;
import gyrotaxis.core.quantity.Sentence;
import gyrotaxis.server.paper.Papers;
import gyrotaxis.server.people.StudioDay;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** What of a plan is taken along on paper: to the chair, to the client, and to the takedown weeks later. */
@Component
class PlanPapers {
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMMM yyyy", Locale.UK);
    private static final DateTimeFormatter WEEK_DAY = DateTimeFormatter.ofPattern("EEEE, d MMMM", Locale.UK);

    /** What is taken home is said to her who takes it. */
    private static final Pronoun TO_HER = Pronoun.YOU;

    private static final int HOUR = 60;
    private static final int WEEK = 7;

    private final Papers papers;
    private final StudioDay studioDay;

    PlanPapers(Papers papers, StudioDay studioDay) {
        this.papers = papers;
        this.studioDay = studioDay;
    }

    /** A step, as it is written. */
    record StepLine(int number, String words, String loops, String minutes, List<String> cautions) {}

    /** What is done together. */
    record StageLines(String words, List<StepLine> steps) {}

    /** What is done in the chair, step by step, with the map. */
    byte[] runSheet(String title, InstallPlan plan) {
        WorkSheet sheet = WorkSheetWriter.of(plan);
        Estimate chair = plan.time().inChair();
        Map<String, Object> values = values(title);
        values.put("map", RunMap.of(sheet));
        values.put("supplies", sheet.supplies().stream().map(PlanPapers::supply).toList());
        values.put("needs", plan.needs().stream().map(PlanPapers::need).toList());
        values.put("minutes", time(chair.likely()));
        values.put("range", time(chair.low()) + " to " + time(chair.high()));
        values.put(
                "cautions",
                said(plan, plan.brief().cautions().stream().map(Caution::words).toList()));
        List<StageLines> stages = new ArrayList<>();
        for (WorkSheet.Stage stage : WorkSheet.Stage.values()) {
            List<StepLine> steps = sheet.steps().stream()
                    .filter(s -> s.stage() == stage)
                    .map(s -> step(plan, s))
                    .toList();
            if (!steps.isEmpty()) {
                stages.add(new StageLines(Sentence.of(stage.words()).capital().toString(), steps));
            }
        }
        values.put("stages", stages);
        return papers.pdf("run-sheet", values);
    }

    private static String supply(WorkSheet.Supply s) {
        return s.line().name() + ", " + s.colour() + ": " + s.placedLoops() + " loops and " + s.reserveLoops()
                + " for fills; " + s.shelfLoops() + " there, "
                + (s.packsToBuy() == 0 ? "nothing" : s.packsToBuy() + (s.packsToBuy() == 1 ? " pack" : " packs"))
                + " to buy.";
    }

    private static String need(Need n) {
        Estimate a = n.amount();
        return Sentence.of(n.what(), ": ", new Quantity(n.kind(), a.likely()), ".")
                .capital()
                .toString();
    }

    private static StepLine step(InstallPlan plan, WorkSheet.Step s) {
        return new StepLine(
                s.number(),
                s.words().saidOf(plan.brief().pronoun()).toString(),
                s.loops() == 0 ? "" : String.format(Locale.ROOT, "%.1f", s.loops()),
                s.minutes().likely() == 0
                        ? ""
                        : String.format(
                                Locale.ROOT, "%.0f", Math.max(1, s.minutes().likely())),
                said(plan, s.cautions()));
    }

    /** An amount, as it is written. */
    record QuoteLine(String what, String amount) {}

    /**
     * What she is asked for.
     *
     * @param studio who asks; may be empty
     */
    byte[] quote(String title, InstallPlan plan, String studio) {
        Estimate chair = plan.time().inChair();
        Map<String, Object> values = values(title);
        String day = DAY.format(studioDay.today());
        values.put("from", studio.isBlank() ? "Quote of " + day : studio + ", quote of " + day);
        Quote quote = plan.quote();
        boolean isInOne = quote.totals().size() == 1;
        values.put("currency", isInOne ? quote.chair().currency().getCurrencyCode() : "");
        values.put(
                "lines",
                List.of(
                        new QuoteLine("Hair and what else is used", amounts(quote.supplies(), isInOne)),
                        new QuoteLine(
                                "Time in the chair, about " + time(chair.likely()),
                                amounts(List.of(quote.chair()), isInOne))));
        values.put("total", amounts(quote.totals(), isInOne));
        List<String> includes = new ArrayList<>();
        WorkSheetWriter.of(plan).supplies().stream()
                .filter(s -> s.cutFrom().isEmpty())
                .forEach(s -> includes.add(s.line().name() + ", " + s.colour() + ", "
                        + Sentence.of(Quantity.mm(s.line().lengthMm())).toString() + " long: "
                        + (s.placedLoops() + s.reserveLoops()) + " loops."));
        int rows = plan.foundation().rows().size();
        includes.add("A foundation of " + rows + (rows == 1 ? " row" : " rows") + " and "
                + plan.stations().size() + " shares hooked into it.");
        includes.add("Between " + time(chair.low()) + " and " + time(chair.high()) + " in the chair, an estimate.");
        includes.add(
                "Taking it down takes about " + time(plan.takedownMinutes().likely()) + " and is not part of this.");
        values.put("includes", includes);
        return papers.pdf("quote", values);
    }

    /** Amounts side by side; in a column of one currency it stands above them. */
    private static String amounts(List<Money> all, boolean isInOne) {
        return all.stream().map(m -> isInOne ? m.amount() : m.words()).collect(Collectors.joining(" + "));
    }

    /** Something that falls due, as it is written. */
    record DueLine(String when, String what) {}

    /**
     * What she takes home.
     *
     * @param on the day of the install; empty if it is not known yet
     */
    byte[] aftercare(String title, InstallPlan plan, Optional<LocalDate> on) {
        LocalDate from = on.orElseGet(() -> studioDay.today());
        Map<String, Object> values = values(title);
        values.put("on", on.map(d -> "Installed on " + WEEK_DAY.format(d)).orElse("Installed on ____________________"));
        values.put("home", notes(Notes.of(plan, TO_HER), Moment.HOME));
        values.put(
                "due",
                plan.brief().afterwards().due(from, plan.brief().consultation().weeks()).stream()
                        .map(d -> new DueLine(
                                on.isPresent()
                                        ? WEEK_DAY.format(d.day())
                                        : after(ChronoUnit.DAYS.between(from, d.day())),
                                TO_HER.said(d.words())))
                        .toList());
        values.put(
                "cautions",
                plan.brief().cautions().stream()
                        .map(c -> TO_HER.said(c.words()))
                        .toList());
        return papers.pdf("aftercare", values);
    }

    private static String after(long days) {
        return days % WEEK == 0
                ? "after " + days / WEEK + (days == WEEK ? " week" : " weeks")
                : "after " + days + (days == 1 ? " day" : " days");
    }

    /** Every tail to be found before anything is cut, to be ticked, and how it is taken down. */
    byte[] takedown(String title, InstallPlan plan) {
        List<String> tails = Notes.tails(plan);
        Map<String, Object> values = values(title);
        values.put("tails", tails);
        values.put(
                "notes",
                notes(Notes.of(plan), Moment.TAKEDOWN).stream()
                        .filter(n -> !tails.contains(n))
                        .toList());
        return papers.pdf("takedown", values);
    }

    private Map<String, Object> values(String title) {
        Map<String, Object> values = new HashMap<>();
        values.put("title", title);
        values.put("day", DAY.format(studioDay.today()));
        return values;
    }

    private static List<String> notes(List<Note> all, Moment moment) {
        return all.stream().filter(n -> n.moment() == moment).map(Note::words).toList();
    }

    private static List<String> said(InstallPlan plan, List<String> words) {
        return words.stream().map(w -> said(plan, w)).toList();
    }

    private static String said(InstallPlan plan, String words) {
        return plan.brief().pronoun().said(words);
    }

    private static String time(double minutes) {
        long all = Math.round(minutes);
        return all < HOUR ? all + " min" : all / HOUR + " h " + String.format(Locale.ROOT, "%02d", all % HOUR);
    }
}
