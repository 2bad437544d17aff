package gyrotaxis.core.balance;

import gyrotaxis.core.hair.Share;
import gyrotaxis.core.install.Zone;
import gyrotaxis.core.plan.InstallBrief;
import java.util.List;

/**
 * What a balancing came to.
 *
 * @param brief the brief as it would be afterwards
 * @param isMet whether all that was wished for is met; otherwise the brief is the nearest that can be
 * @param isBetter whether it serves the wish better than the head as it was; otherwise there is nothing to take up
 * @param words what was done and why, in one or two sentences
 * @param changes zone by zone, front to nape
 * @param loopsBefore loops needed before, fills included
 * @param loopsAfter loops needed afterwards
 * @param exposedBefore fraction of all scalp that shows before
 * @param exposedAfter and afterwards
 * @param tried how many plans were looked at
 */
public record Balance(
        InstallBrief brief,
        boolean isMet,
        boolean isBetter,
        String words,
        List<ZoneChange> changes,
        int loopsBefore,
        int loopsAfter,
        double exposedBefore,
        double exposedAfter,
        int tried) {

    /**
     * What became of a zone.
     *
     * @param spacingBefore centre to centre, mm
     * @param spacingAfter the same afterwards, mm
     * @param shareBefore what each station took
     * @param shareAfter and takes
     * @param exposedBefore fraction of its scalp that showed
     * @param exposedAfter and shows
     */
    public record ZoneChange(
            Zone zone,
            double spacingBefore,
            double spacingAfter,
            Share shareBefore,
            Share shareAfter,
            double exposedBefore,
            double exposedAfter) {}

    public Balance {
        changes = List.copyOf(changes);
    }
}
