package gyrotaxis.server.shelf;

import gyrotaxis.core.stock.MovementReason;
import gyrotaxis.core.stock.StockItem;
import gyrotaxis.core.stock.StockItem.Grade;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** What is asked and answered about stock. Amounts are in the unit one says: packs, loops, centimetres. */
final class StockViews {
    private StockViews() {}

    /** Kinds of goods: hair in its three states, and things. */
    enum GoodKind {
        PACKS,
        LOOPS,
        WEFT,
        CAP,
        CAP_ON_COMBS,
        MESH,
        BANDS,
        THREAD,
        LOTION,
        HOOK;

        /** As it stands in a table. */
        String words() {
            return name().toLowerCase(Locale.ROOT).replace('_', ' ');
        }

        boolean isHair() {
            return this == PACKS || this == LOOPS || this == WEFT;
        }
    }

    /** All that is there. */
    record StockView(
            List<ColourStock> hair,
            List<ThingStock> things,
            List<ThingKind> kinds,
            List<GradeWords> grades,
            List<SupplierView> suppliers) {}

    /** A kind of thing that can be kept. */
    record ThingKind(StockItem.Kind kind, String words, String unit) {}

    /** A state of washed loops. */
    record GradeWords(Grade value, String words) {}

    /** How long a supplier takes. */
    record SupplierView(String name, int leadDays) {}

    /**
     * What there is of a line in a colour.
     *
     * @param tint how it is drawn, {@code #rrggbb}; null if no word of its name is known
     * @param loops new loops, those in packs included
     * @param free loops that are set aside for nobody
     */
    record ColourStock(
            UUID lineId,
            String colour,
            @Nullable @Schema(nullable = true) String tint,
            double loops,
            double free,
            List<PackStock> packs,
            List<LoopStock> open,
            List<WashedStock> washed,
            double weftCm,
            List<AsideView> setAside) {}

    /** Packs that are not opened. */
    record PackStock(String lot, int loops, int count) {}

    /** Loops out of open packs; {@code grams} is what they weigh. */
    record LoopStock(String lot, double loops, double grams) {}

    /** Loops that were washed. */
    record WashedStock(Grade grade, String words, double loops) {}

    /** What lies there for a plan. */
    record AsideView(UUID planId, String planName, String clientName, int loops) {}

    /** Something else, and how much of it there is. */
    record ThingStock(StockItem.Kind kind, String words, String what, String unit, double amount) {}

    /** Which good. */
    record GoodBody(
            @Nullable GoodKind kind,
            @Nullable @Schema(nullable = true) String lineId,
            @Nullable @Schema(nullable = true) String colour,
            @Nullable @Schema(nullable = true) String lot,
            @Nullable @Schema(nullable = true) Integer packLoops,
            @Nullable @Schema(nullable = true) Grade grade,
            @Nullable @Schema(nullable = true) String what) {}

    /** Something that came or went; {@code id} is made by whoever tells it, {@code amount} is more than 0. */
    record MoveBody(
            @Nullable String id,
            @Nullable GoodBody good,
            @Nullable MovementReason why,
            @Nullable Double amount,
            @Nullable @Schema(nullable = true) String stylistId,
            @Nullable @Schema(nullable = true) String note) {}

    /** What was counted of a good. */
    record CountBody(
            @Nullable String id,
            @Nullable GoodBody good,
            @Nullable Double counted,
            @Nullable @Schema(nullable = true) String stylistId) {}

    /** Hair that is to lie there for a plan; 0 loops for none. */
    record AsideBody(
            @Nullable String lineId,
            @Nullable String colour,
            @Nullable Integer loops) {}

    /** How long a supplier takes. */
    record LeadBody(@Nullable String name, @Nullable Integer leadDays) {}

    /** One movement; amounts that went are less than 0. */
    record MoveView(
            UUID id,
            Instant at,
            GoodKind kind,
            @Nullable @Schema(nullable = true) UUID lineId,
            String words,
            String unit,
            double amount,
            MovementReason why,
            String whyWords,
            String byName,
            @Nullable @Schema(nullable = true) UUID visitId,
            String note) {}
}
