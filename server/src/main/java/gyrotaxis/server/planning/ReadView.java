package gyrotaxis.server.planning;

import gyrotaxis.core.braiding.BraidStep;
import gyrotaxis.core.braiding.SelfWork;
import gyrotaxis.core.hair.Texture;
import gyrotaxis.core.install.Zone;
import gyrotaxis.core.plan.Note;
import gyrotaxis.core.quantity.Money;
import gyrotaxis.core.quantity.Quantity;
import gyrotaxis.core.wear.Way;
import gyrotaxis.server.language.MethodBody;
import gyrotaxis.server.words.Limits;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What of a plan is read: its words and figures; asked for a few times a second while something is in the hand. {@code backRows} is
 * how many rows behind it could have.
 */
public record ReadView(
        Head head,
        List<Step> steps,
        List<Group> groups,
        SelfView selfWork,
        List<Updo> updos,
        List<NeedView> needs,
        List<WorkView> work,
        List<NoteView> notes,
        List<HairUse> hairs,
        MethodBody method,
        QuoteView quote,
        Ledger ledger,
        List<FindingView> findings,
        Limits.Range backRows,
        Shutting shutting) {

    /**
     * What gaps can be drawn shut by hand: for every station, by its place, the place of the knot beyond the gap beside it, or −1
     * where there is none; and into how many a loop is split for it.
     */
    record Shutting(List<Integer> beyond, int shareParts) {}

    /** The fitted head. */
    record Head(List<Reading> readings, double areaMm2) {}

    /** One measure: as entered or estimated, and as the fitted head gives it back. */
    record Reading(
            String field,
            String words,
            boolean isRequired,
            double tapeMm,
            double fittedMm,
            boolean isEstimated,
            boolean isMet) {}

    /** One step of hooking. */
    record WorkView(
            int number,
            String stage,
            String row,
            @Nullable @Schema(nullable = true) String twin,
            List<String> stations,
            boolean isMarked,
            String words,
            Span minutes) {}

    /** One line of what goes with the plan besides braiding and hooking. */
    record NoteView(Note.Moment moment, String momentWords, String words) {}

    /** One hair that is hooked, with what to split beforehand and what to buy. */
    record HairUse(
            String name,
            String colour,
            Texture texture,
            boolean isLooped,
            boolean goesInWhole,
            boolean isCutOfMain,
            double gramsPerLoop,
            double gramsPerPack,
            List<Integer> packSizes,
            double gramsPlaced,
            int placedLoops,
            int reserveLoops,
            int shelfLoops,
            int packs,
            List<BoughtView> bought,
            int leftOverLoops,
            long costMinor,
            List<ShareCount> shares) {}

    /** Packs of one size. */
    record BoughtView(int loopsPerPack, long priceMinor, int count) {}

    /** What the client is asked for; margins and totals are one amount for each currency, the stylist's own first among totals. */
    record QuoteView(
            MoneyView materials,
            List<QuoteLine> others,
            List<MoneyView> margins,
            MoneyView chair,
            List<MoneyView> totals) {}

    /** Something besides hair that is used and has a price. */
    record QuoteLine(String what, MoneyView cost) {}

    /** An amount in the smallest unit of its currency. */
    record MoneyView(long minor, String currency) {
        static MoneyView of(Money m) {
            return new MoneyView(m.minor(), m.currency().getCurrencyCode());
        }
    }

    /** One thing to do while braiding. */
    record Step(int number, BraidStep.Kind kind, List<String> rows, String words, double lengthMm, double minutes) {}

    /** Braiding steps that are alike, said as one. */
    record Group(int from, int to, String words) {}

    /** How hard it is on oneself. */
    record SelfView(SelfWork.Grade grade, double strain, List<String> reasons) {}

    /** What an updo would show at its edge. */
    record Updo(
            Way way,
            String words,
            boolean works,
            double coveredMm,
            double hairMm,
            double rowsMm,
            double bareMm,
            List<String> rowsShowing,
            List<String> tailsShowing) {}

    /** Something the foundation takes besides loops. */
    record NeedView(String what, Span amount, Quantity.Kind kind) {}

    /** What it takes. */
    record Ledger(
            int stations,
            int placedLoops,
            int reserveLoops,
            int neededLoops,
            int shelfLoops,
            int packs,
            int loopsPerPack,
            int leftOverLoops,
            long costMinor,
            String currency,
            Span chairMinutes,
            List<StageView> stages,
            double rowLengthMm,
            double weightGrams,
            double greatestBulk,
            double heaviestShare,
            int looseEnds,
            List<ZoneView> zones) {}

    /** Low, likely and high. */
    record Span(double low, double likely, double high) {}

    /** Minutes of one stage. */
    record StageView(String words, boolean isInChair, Span minutes) {}

    /** Shares of one size, the loops they take, the shares left over, and the step of hooking in which they are first used. */
    record ShareCount(int parts, String words, int shares, int loops, int leftOver, int firstStep) {}

    /** How a zone is hooked. */
    record ZoneView(
            Zone zone,
            String words,
            double spacingMm,
            double clearMm,
            int shareParts,
            String shareWords,
            int stations,
            List<ShareCostView> shares) {}

    /** What a zone would take in shares of one size. */
    record ShareCostView(int parts, String words, double spacingMm, int shares, Span minutes) {}
}
