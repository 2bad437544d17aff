package gyrotaxis.core.balance;

import gyrotaxis.core.geometry.Vec2;
import gyrotaxis.core.hair.LoopTally;
import gyrotaxis.core.hair.Share;
import gyrotaxis.core.install.HookingBrief;
import gyrotaxis.core.install.StationEdit;
import gyrotaxis.core.plan.InstallBrief;
import gyrotaxis.core.quantity.Quantity;
import gyrotaxis.core.quantity.Sentence;
import gyrotaxis.core.row.RowId;
import gyrotaxis.core.wear.Cover;
import gyrotaxis.core.wear.Worn;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;

/**
 * Where fills and wisps are likely to go once every part and way of wearing was tried; what the reserve is kept for.
 *
 * @param trials what was tried, in turn
 * @param fills what is put where, what hides most first; wisps last
 * @param reserveLoops loops that are kept back
 * @param left gaps that are left all the same
 * @param wouldDoLoops how many loops of reserve would close every gap, if those that are kept back do not; empty if none would
 */
public record Fills(List<Trial> trials, List<Fill> fills, int reserveLoops, List<Left> left, OptionalInt wouldDoLoops) {

    /** What is put in. */
    public enum Kind {
        /** Hair where scalp or row shows. */
        FILL,
        /** A share through two knots, which draws the hair of both over a gap. */
        DRAWN_SHUT,
        /** An eighth, frizzed, before a knot that shows. */
        WISP
    }

    /**
     * One way of wearing that was tried.
     *
     * @param worn how
     * @param exposedBefore fraction of the scalp that shows without fills
     * @param exposedAfter and with them
     * @param gapsBefore gaps without fills
     * @param gapsAfter and with them
     */
    public record Trial(Worn worn, double exposedBefore, double exposedAfter, int gapsBefore, int gapsAfter) {}

    /**
     * One fill or wisp.
     *
     * @param kind which
     * @param row the row it is hooked to
     * @param at how far along it, as a part of its length, in [0, 1]
     * @param chart where on the map, mm
     * @param share how much
     * @param trial the trial that asks for it most, by its place
     * @param why in a sentence without a full stop
     * @param towardRad which way it is thrown, as {@link StationEdit.Add} says; empty if it is hooked as it falls
     * @param through the knot beyond the gap that it goes through too; empty if it draws nothing shut
     */
    public record Fill(
            Kind kind,
            RowId row,
            double at,
            Vec2 chart,
            Share share,
            int trial,
            Sentence why,
            OptionalDouble towardRad,
            Optional<Through> through) {
        /** The change by hand that hooks it in. */
        StationEdit edit() {
            return through.<StationEdit>map(t -> new StationEdit.DrawShut(row, at, share, t.row(), t.at()))
                    .orElseGet(() -> new StationEdit.Add(row, at, share, towardRad));
        }
    }

    /**
     * A knot beyond a gap.
     *
     * @param row the row it is on
     * @param at how far along it, as a part of its length, in [0, 1]
     * @param chart where on the map, mm
     */
    public record Through(RowId row, double at, Vec2 chart) {}

    /**
     * A gap that is left.
     *
     * @param trial in which trial, by its place
     * @param gap where and how large
     * @param why what keeps it from being closed, in a sentence without a full stop
     */
    public record Left(int trial, Cover.Gap gap, Sentence why) {
        /** All of it in a sentence. */
        public Sentence words() {
            return Sentence.of(Quantity.mm2(gap.areaMm2()), " ", gap.place(), " stay open: ", why, ".");
        }
    }

    public Fills {
        trials = List.copyOf(trials);
        fills = List.copyOf(fills);
        left = List.copyOf(left);
    }

    /** Loops they take, pooled by size. */
    public int loops() {
        return LoopTally.of(fills.stream().map(Fill::share).toList()).loops();
    }

    /** How many there are of a kind. */
    public int count(Kind kind) {
        return (int) fills.stream().filter(f -> f.kind() == kind).count();
    }

    /** The brief with them hooked in, as far as {@link HookingBrief#MAX_EDITS} allows. */
    public InstallBrief hookedInto(InstallBrief brief) {
        List<StationEdit> edits = new ArrayList<>(brief.hooking().edits());
        for (Fill f : fills) {
            if (edits.size() < HookingBrief.MAX_EDITS) {
                edits.add(f.edit());
            }
        }
        return brief.withHooking(brief.hooking().withEdits(edits));
    }
}
