package gyrotaxis.core.laying;

import gyrotaxis.core.foundation.Row;
import gyrotaxis.core.row.LostEdit;
import gyrotaxis.core.row.RowEdit;
import gyrotaxis.core.row.Section;
import java.util.ArrayList;
import java.util.List;

/**
 * Makes the edits that change how a section is divided into lanes: all but those on rows that are no lanes.
 *
 * <p>Edits are made one after the other on the numbering that the edits before left behind.
 */
final class LaneEdits {
    private final List<RowEdit> edits;
    private final boolean[] isMade;
    private final boolean[] isRegrouped;
    private final List<LostEdit> lost = new ArrayList<>();

    LaneEdits(List<RowEdit> edits) {
        this.edits = edits;
        this.isMade = new boolean[edits.size()];
        this.isRegrouped = new boolean[edits.size()];
    }

    /** The edits that could not be made; complete once all sections were edited. */
    List<LostEdit> lost() {
        List<LostEdit> all = new ArrayList<>(lost);
        for (int i = 0; i < isMade.length; i++) {
            if (!isMade[i]) {
                all.add(new LostEdit(
                        i, false, "There is no " + edits.get(i).row().words() + " any more."));
            }
        }
        return all;
    }

    /** Says that something else than an edit could not be kept. */
    void lose(String why) {
        lost.add(new LostEdit(LostEdit.NO_EDIT, false, why));
    }

    /**
     * Groups of front rows by the row behind that they join, once rows behind were left out, taken together or parted. These edits
     * come before all others of rows behind.
     */
    int[] regroup(int[] sizes) {
        int[] now = sizes;
        for (int i = 0; i < edits.size(); i++) {
            RowEdit e = edits.get(i);
            int at = e.row().number() - 1;
            if (e.row().section() != Section.BACK || at >= now.length || e.row().piece() > 1) {
                continue;
            }
            if (e instanceof RowEdit.LeaveOut || e instanceof RowEdit.JoinNext) {
                boolean isOut = e instanceof RowEdit.LeaveOut;
                isMade[i] = true;
                isRegrouped[i] = true;
                if (isOut ? now.length == 1 : at + 1 == now.length) {
                    lost.add(new LostEdit(
                            i,
                            false,
                            e.row().words()
                                    + (isOut
                                            ? " is the only one behind; it cannot be left out."
                                            : " has no next row to be taken together with.")));
                } else {
                    now = isOut ? JoinGroups.without(now, at) : JoinGroups.together(now, at);
                }
            } else if (e instanceof RowEdit.Split) {
                isMade[i] = true;
                isRegrouped[i] = true;
                if (now[at] < 2) {
                    lost.add(new LostEdit(
                            i,
                            false,
                            e.row().words() + " goes on from one front row; nothing would lead to a second."));
                } else {
                    now = JoinGroups.apart(now, at);
                }
            }
        }
        return now;
    }

    /** Whether any edit is asked for in a section. */
    boolean touch(Section section) {
        return edits.stream().anyMatch(e -> e.row().section() == section);
    }

    /**
     * The lanes of a section after the edits.
     *
     * @param lanes by interval
     * @param widthMm width of the section, to turn a way across into a fraction
     */
    List<List<Lane.Spec>> apply(Section section, List<List<Lane.Spec>> lanes, double widthMm) {
        List<List<Lane.Spec>> edited = new ArrayList<>();
        lanes.forEach(l -> edited.add(new ArrayList<>(l)));
        for (int i = 0; i < edits.size(); i++) {
            if (edits.get(i).row().section() == section && !isRegrouped[i]) {
                apply(i, edited, widthMm);
            }
        }
        return edited;
    }

    /** The edits that are left for rows that are no lanes. */
    void applyToRows(Draft draft) {
        for (int i = 0; i < edits.size(); i++) {
            RowEdit e = edits.get(i);
            if (isMade[i] || draft.find(e.row()).isEmpty()) {
                continue;
            }
            Row row = draft.find(e.row()).orElseThrow();
            isMade[i] = true;
            if (e instanceof RowEdit.Reverse) {
                draft.replace(row.along(row.path().reversed()).ending());
            } else if (e instanceof RowEdit.EndEarlier end) {
                draft.replace(row.along(row.path().between(0, end.at() * row.lengthMm()))
                        .ending());
            } else {
                lost.add(new LostEdit(
                        i, false, "A " + row.id().section().words() + " can be reversed or ended earlier, not moved."));
            }
        }
    }

    private void apply(int index, List<List<Lane.Spec>> lanes, double widthMm) {
        RowEdit e = edits.get(index);
        int at = e.row().number() - 1;
        for (List<Lane.Spec> interval : lanes) {
            if (at < interval.size()) {
                isMade[index] = true;
                edit(index, interval, at, widthMm);
                return;
            }
            at -= interval.size();
        }
    }

    private void edit(int index, List<Lane.Spec> interval, int at, double widthMm) {
        RowEdit e = edits.get(index);
        Lane.Spec spec = interval.get(at);
        if (e instanceof RowEdit.Move move) {
            interval.set(at, spec.shifted(move.mm() / widthMm));
        } else if (e instanceof RowEdit.Resize resize) {
            interval.set(at, spec.scaled(resize.factor()));
        } else if (e instanceof RowEdit.Reverse) {
            interval.set(at, spec.reversed());
        } else if (e instanceof RowEdit.Split) {
            interval.set(at, spec.scaled(0.5));
            interval.add(at + 1, spec.scaled(0.5));
        } else if (e instanceof RowEdit.JoinNext) {
            joinNext(index, interval, at);
        } else if (e instanceof RowEdit.LeaveOut) {
            lost.add(new LostEdit(
                    index,
                    false,
                    "Only a straight row behind can be left out; take "
                            + e.row().words() + " together with the next one instead."));
        } else if (e instanceof RowEdit.EndEarlier end) {
            endEarlier(index, interval, at, end.at());
        }
    }

    private void joinNext(int index, List<Lane.Spec> interval, int at) {
        if (at + 1 == interval.size()) {
            lost.add(new LostEdit(
                    index,
                    false,
                    edits.get(index).row().words()
                            + " has no next row to be taken together with on its side of the part."));
        } else {
            interval.set(at, interval.get(at).with(interval.remove(at + 1)));
        }
    }

    private void endEarlier(int index, List<Lane.Spec> interval, int at, double part) {
        Lane.Spec spec = interval.get(at);
        boolean othersRun = interval.stream().filter(Lane.Spec::runsThrough).count() > (spec.runsThrough() ? 1 : 0);
        if (othersRun) {
            interval.set(at, spec.ending(part));
        } else {
            lost.add(new LostEdit(
                    index,
                    false,
                    edits.get(index).row().words()
                            + " is the last that runs through; nobody takes over its scalp if it ends."));
        }
    }
}
