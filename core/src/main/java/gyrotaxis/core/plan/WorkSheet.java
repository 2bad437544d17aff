package gyrotaxis.core.plan;

import gyrotaxis.core.geometry.Vec2;
import gyrotaxis.core.hair.HairLine;
import gyrotaxis.core.hair.Share;
import gyrotaxis.core.install.Zone;
import gyrotaxis.core.knot.Tie;
import gyrotaxis.core.quantity.Estimate;
import gyrotaxis.core.quantity.Require;
import gyrotaxis.core.quantity.Sentence;
import gyrotaxis.core.row.RowId;
import gyrotaxis.core.row.TailEnd;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * A plan frozen for the chair: what is worked from, recorded against, and taken down by.
 *
 * <p>Holds everything the work needs and nothing that would have to be computed again, so that a later change of the plan, of
 * the shelf or of the product never changes it. Equal plans give equal sheets. Made by {@link WorkSheetWriter}.
 *
 * @param supplies the hair that is worked with, the main one first; shares name one by its place
 * @param outline the hairline on the map, mm, closed
 * @param rows the rows, with where they lie on the map
 * @param shares all shares in the order in which they are hooked
 * @param steps what is done, in order, numbered from 1
 * @param tails every tail there is, threaded ones too, in the order in which they are found and marked at takedown
 * @param takedown the rows in the order in which they are undone
 */
public record WorkSheet(
        List<Supply> supplies,
        List<Vec2> outline,
        List<SheetRow> rows,
        List<SheetShare> shares,
        List<Step> steps,
        List<SheetTail> tails,
        List<RowId> takedown) {

    /** What is done, in the order of the trade. */
    public enum Stage {
        PREPARE("prepare", "preparing"),
        PART("part", "parting"),
        BRAID("braid", "braiding"),
        SECURE("secure tails", "securing tails"),
        HOOK("hook", "hooking"),
        TRY_AND_FILL("try and fill", "trying and filling"),
        FINISH("finish", "finishing"),
        /** Weeks later, and on no sheet as steps: it goes by the tails and rows of the sheet. */
        TAKE_DOWN("take down", "taking down");

        private final String words;
        private final String doing;

        Stage(String words, String doing) {
            this.words = words;
            this.doing = doing;
        }

        /** What a stylist calls it. */
        public String words() {
            return words;
        }

        /** What she is at while it is worked. */
        public String doing() {
            return doing;
        }
    }

    /** The client's side on which something lies. */
    public enum Side {
        LEFT,
        MIDDLE,
        RIGHT
    }

    /**
     * Names one share inside one sheet, whatever becomes of the plan.
     *
     * @param number from 1, in the order in which shares are hooked
     */
    public record ShareRef(int number) implements Comparable<ShareRef> {
        public ShareRef {
            Require.atLeast(1, number, "number", "");
        }

        @Override
        public int compareTo(ShareRef o) {
            return Integer.compare(number, o.number);
        }
    }

    /**
     * One hair in one colour, and what of it was counted on.
     *
     * @param placedLoops whole loops that the shares take
     * @param reserveLoops kept back for fills
     * @param shelfLoops counted on as in hand
     * @param packsToBuy packs of all sizes that were to be bought
     * @param boughtLoops loops in those
     * @param cutFrom the supply whose loops it is cut of, {@link HairLine#PIECES_OF_CUT} pieces of each; empty if it is a hair of its
     *     own
     */
    public record Supply(
            HairLine line,
            String colour,
            int placedLoops,
            int reserveLoops,
            int shelfLoops,
            int packsToBuy,
            int boughtLoops,
            OptionalInt cutFrom) {
        /** Loops that are there when the work begins, if all was bought. */
        public int plannedLoops() {
            return shelfLoops + boughtLoops;
        }
    }

    /**
     * A row as it lies on the map.
     *
     * @param words what it is called
     * @param chart its way, as it is braided, mm
     * @param braidWidthMm how thick the plait is, mm
     * @param lengthMm true length, mm
     */
    public record SheetRow(RowId id, String words, Side side, List<Vec2> chart, double braidWidthMm, double lengthMm) {
        public SheetRow {
            chart = List.copyOf(chart);
        }
    }

    /**
     * One share to be hooked.
     *
     * @param at how far along its row, as a part of its length, in [0, 1]
     * @param chart where on the map, mm
     * @param toward the way the hook goes in, a unit direction on the map
     * @param supply which hair, by its place among the supplies
     * @param blend the hair that is the other half of a blended share, likewise; empty if it is of one
     * @param hookWords the way the hook goes in, as a stylist says it
     * @param isForPart whether its row is kept and marked until the parts are worked
     */
    public record SheetShare(
            ShareRef ref,
            RowId row,
            double at,
            Vec2 chart,
            Vec2 toward,
            Zone zone,
            Side side,
            Share share,
            int supply,
            OptionalInt blend,
            Tie tie,
            String hookWords,
            boolean isForPart) {
        public SheetShare {
            Require.inRange(at, 0, 1, "at", "");
            Require.atLeast(0, supply, "supply", "");
        }

        /** The same of another hair, share or knot. */
        public SheetShare hookedAs(Share otherShare, int otherSupply, OptionalInt otherBlend, Tie otherTie) {
            return new SheetShare(
                    ref,
                    row,
                    at,
                    chart,
                    toward,
                    zone,
                    side,
                    otherShare,
                    otherSupply,
                    otherBlend,
                    otherTie,
                    hookWords,
                    isForPart);
        }
    }

    /**
     * One thing to do.
     *
     * @param number from 1
     * @param rows the rows it is about; may be empty
     * @param shares what is hooked in it, in turn; empty but for hooking
     * @param words what is done
     * @param minutes how long it is expected to take; 0 where it is not counted
     * @param loops whole loops and parts of loops that go in, exact but for rounding
     * @param cautions what could do harm here, in one line each
     */
    public record Step(
            int number,
            Stage stage,
            List<RowId> rows,
            List<ShareRef> shares,
            Sentence words,
            Estimate minutes,
            double loops,
            List<String> cautions) {
        public Step {
            rows = List.copyOf(rows);
            shares = List.copyOf(shares);
            cautions = List.copyOf(cautions);
        }
    }

    /**
     * A tail to be found before anything is cut.
     *
     * @param into the row it goes into; null where it enters none
     * @param place where it ends
     */
    public record SheetTail(
            RowId row, TailEnd end, @Nullable RowId into, Sentence place) {}

    public WorkSheet {
        supplies = Require.notEmpty(List.copyOf(supplies), "supplies");
        outline = List.copyOf(outline);
        rows = List.copyOf(rows);
        shares = List.copyOf(shares);
        steps = List.copyOf(steps);
        tails = List.copyOf(tails);
        takedown = List.copyOf(takedown);
        requireWhole(shares, steps);
    }

    /** Every share is hooked in one step, and in no other. */
    private static void requireWhole(List<SheetShare> shares, List<Step> steps) {
        Set<ShareRef> open = new HashSet<>();
        shares.forEach(s -> open.add(s.ref()));
        if (open.size() != shares.size()) {
            throw new IllegalArgumentException("two shares of a sheet have one reference");
        }
        for (Step step : steps) {
            for (ShareRef ref : step.shares()) {
                if (!open.remove(ref)) {
                    throw new IllegalArgumentException("share " + ref.number() + " of step " + step.number()
                            + " is not in the sheet, or is hooked twice");
                }
            }
        }
        if (!open.isEmpty()) {
            throw new IllegalArgumentException("shares " + open + " are hooked in no step");
        }
    }

    /** The shares by their reference. */
    public Map<ShareRef, SheetShare> byRef() {
        return shares.stream().collect(Collectors.toMap(SheetShare::ref, Function.identity()));
    }
}
