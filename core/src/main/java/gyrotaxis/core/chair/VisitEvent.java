package gyrotaxis.core.chair;

import gyrotaxis.core.hair.Share;
import gyrotaxis.core.install.StationEdit;
import gyrotaxis.core.knot.Knot;
import gyrotaxis.core.knot.Tie;
import gyrotaxis.core.ownhair.ScalpCondition;
import gyrotaxis.core.plan.WorkSheet.ShareRef;
import gyrotaxis.core.plan.WorkSheet.Stage;
import gyrotaxis.core.quantity.Require;
import gyrotaxis.core.row.RowId;
import gyrotaxis.core.stock.LineId;
import gyrotaxis.core.stock.StockItem;
import gyrotaxis.core.wear.Worn;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Set;
import java.util.TreeSet;

/** What can happen at the chair. Nothing is ever changed afterwards: what was wrong is undone by another event. */
public sealed interface VisitEvent {

    /** A stage begins; its clock runs. */
    record StageBegun(Stage stage) implements VisitEvent {}

    /** Its clock stands still. */
    record StagePaused(Stage stage) implements VisitEvent {}

    /** Its clock runs again. */
    record StageResumed(Stage stage) implements VisitEvent {}

    /** It is over. */
    record StageEnded(Stage stage) implements VisitEvent {}

    /**
     * A step in which nothing is hooked is done.
     *
     * @param step by its number in the sheet
     */
    record StepDone(int step) implements VisitEvent {
        public StepDone {
            Require.atLeast(1, step, "step", "");
        }
    }

    /**
     * Shares are hooked; again, if they were taken out or slipped.
     *
     * @param shares which of the sheet; not empty
     */
    record SharesHooked(List<ShareRef> shares) implements VisitEvent {
        public SharesHooked {
            shares = Require.notEmpty(List.copyOf(shares), "shares");
        }
    }

    /** A share is taken out again. */
    record ShareTakenOut(ShareRef share) implements VisitEvent {}

    /** A share slid out by itself. */
    record ShareSlipped(ShareRef share) implements VisitEvent {}

    /**
     * From a share on it is tied, passed or split otherwise.
     *
     * @param size how much of a loop a share takes; empty if as before
     * @param passes in [1, {@link Tie#MAX_PASSES}]
     */
    record FromHereOn(ShareRef from, Optional<Knot> knot, OptionalInt passes, Optional<Share> size)
            implements VisitEvent {
        public FromHereOn {
            passes.ifPresent(n -> Require.inRange(n, 1, Tie.MAX_PASSES, "passes", ""));
        }
    }

    /**
     * A bundle is opened.
     *
     * @param supply which hair, by its place among the supplies of the sheet
     * @param lot what the pack says of its lot; may be empty
     * @param loops how many there were, counted; empty if they are taken as the pack says
     */
    record BundleOpened(int supply, String lot, OptionalInt loops) implements VisitEvent {
        public BundleOpened {
            Require.atLeast(0, supply, "supply", "");
            loops.ifPresent(n -> Require.inRange(n, 0, MAX_LOOPS, "loops", "loops"));
        }
    }

    /**
     * What is left of a hair is counted.
     *
     * @param loops whole loops and parts of loops, in [0, {@link #MAX_LOOPS}]
     */
    record RestCounted(int supply, double loops) implements VisitEvent {
        public RestCounted {
            Require.atLeast(0, supply, "supply", "");
            Require.inRange(loops, 0, MAX_LOOPS, "loops", "loops");
        }
    }

    /** A row is marked and kept until its part is worked. */
    record RowKept(RowId row) implements VisitEvent {}

    /** A row that was kept is worked after all. */
    record RowReleased(RowId row) implements VisitEvent {}

    /**
     * A part or way of wearing is tried.
     *
     * @param showed what showed, in the stylist's words; empty if nothing did
     */
    record Tried(Worn worn, String showed) implements VisitEvent {}

    /**
     * A fill is put in.
     *
     * @param at how far along the row, as a part of its length, in [0, 1]
     * @param size how much of a loop it takes
     * @param towardRad which way it is thrown, as {@link StationEdit.Add} says; empty if it is hooked as it falls
     * @param beyond the knot beyond a gap that it goes through too, so that the gap is drawn shut; empty if it goes through none
     */
    record FillPlaced(
            RowId row, double at, Share size, int supply, OptionalDouble towardRad, Optional<KnotBeyond> beyond)
            implements VisitEvent {
        public FillPlaced {
            Require.inRange(at, 0, 1, "at", "");
            Require.atLeast(0, supply, "supply", "");
        }

        /** A fill that is hooked as it falls. */
        public FillPlaced(RowId row, double at, Share size, int supply) {
            this(row, at, size, supply, OptionalDouble.empty(), Optional.empty());
        }
    }

    /**
     * A knot on another row.
     *
     * @param at how far along the row, as a part of its length, in [0, 1]
     */
    record KnotBeyond(RowId row, double at) {
        public KnotBeyond {
            Require.inRange(at, 0, 1, "at", "");
        }
    }

    /**
     * Another line or colour is taken in the place of one that was planned: for all bundles of it that are opened from then on.
     *
     * @param id the line, if it is one of the shelf's
     * @param line what it is called
     * @param colour empty if it is the one that was planned
     * @param bundle loops in a bundle of it; empty if as many as in one that was planned
     */
    record Replaced(int supply, Optional<LineId> id, String line, String colour, OptionalInt bundle)
            implements VisitEvent {
        public Replaced {
            Require.atLeast(0, supply, "supply", "");
        }
    }

    /**
     * What is still to be hooked is changed, so that the hair lasts, or because there is enough of it.
     *
     * @param adjustment how
     * @param leftOut shares that are not hooked after all
     * @param otherwise shares that are hooked otherwise
     * @param size how much of a loop those take; empty if as before
     * @param supply which hair they take, by its place among the supplies; empty if as before
     * @param packs packs that are fetched of the hair named by {@code supply}, or of the main one
     */
    record Adjusted(
            Adjustment adjustment,
            List<ShareRef> leftOut,
            List<ShareRef> otherwise,
            Optional<Share> size,
            OptionalInt supply,
            int packs)
            implements VisitEvent {
        public Adjusted {
            leftOut = List.copyOf(leftOut);
            otherwise = List.copyOf(otherwise);
            supply.ifPresent(n -> Require.atLeast(0, n, "supply", ""));
            Require.inRange(packs, 0, MAX_PACKS, "packs", "packs");
        }
    }

    /** Something to remember. */
    record Noted(String words) implements VisitEvent {
        public Noted {
            words = Require.text(words, MAX_NOTE_LENGTH, "words");
        }
    }

    /** A picture is taken; the picture itself is kept elsewhere, under this name. */
    record Pictured(String picture) implements VisitEvent {
        public Pictured {
            picture = Require.text(picture, MAX_NAME_LENGTH, "picture");
        }
    }

    /**
     * The cautions of a step are read, and signed.
     *
     * @param step by its number in the sheet
     * @param by whose name stands for it
     */
    record CautionSigned(int step, String by) implements VisitEvent {
        public CautionSigned {
            Require.atLeast(1, step, "step", "");
            by = Require.text(by, MAX_NAME_LENGTH, "by");
        }
    }

    /** Weeks later, before anything is cut, a tail is found and marked. */
    record TailFound(RowId row) implements VisitEvent {}

    /** All that hung from a row is out, and the row is undone. */
    record RowUndone(RowId row) implements VisitEvent {}

    /**
     * Loops that came out are washed and kept.
     *
     * @param loops whole loops and parts of loops, in [0, {@link #MAX_LOOPS}]
     */
    record LoopsKept(int supply, double loops, StockItem.Grade grade) implements VisitEvent {
        public LoopsKept {
            Require.atLeast(0, supply, "supply", "");
            Require.inRange(loops, 0, MAX_LOOPS, "loops", "loops");
            if (grade == StockItem.Grade.NEW) {
                throw new IllegalArgumentException("grade is NEW but what was worn is not new");
            }
        }
    }

    /** Her own hair was cut. */
    record OwnHairCut(String where) implements VisitEvent {
        public OwnHairCut {
            where = Require.text(where, MAX_NOTE_LENGTH, "where");
        }
    }

    /**
     * What the skin looked like once all was out.
     *
     * @param seen what was; empty if it was well
     * @param words more of it; may be empty
     */
    record SkinSeen(Set<ScalpCondition> seen, String words) implements VisitEvent {
        public SkinSeen {
            seen = Collections.unmodifiableSet(new TreeSet<>(seen));
        }
    }

    /**
     * What is to be otherwise next time.
     *
     * @param changes what; empty if nothing is
     * @param words more of it; may be empty
     */
    record Judged(Set<Verdict> changes, String words) implements VisitEvent {
        public Judged {
            changes = Collections.unmodifiableSet(new TreeSet<>(changes));
        }
    }

    /** All is out. */
    record TakenDown() implements VisitEvent {}

    /** An event is taken back; taken back itself, that event holds again. */
    record Undone(EventId event) implements VisitEvent {}

    /** The work is done. */
    record Finished() implements VisitEvent {}

    /** It is opened once more: for fills the next day, or for what slipped. */
    record Reopened() implements VisitEvent {}

    int MAX_NAME_LENGTH = 80;
    int MAX_NOTE_LENGTH = 1_000;
    int MAX_PACKS = 20;

    /** More loops than this are in no bundle and left of no hair. */
    int MAX_LOOPS = 2_000;
}
