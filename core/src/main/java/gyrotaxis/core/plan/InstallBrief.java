package gyrotaxis.core.plan;

import gyrotaxis.core.estimate.Installer;
import gyrotaxis.core.estimate.PackCount;
import gyrotaxis.core.foundation.FoundationBrief;
import gyrotaxis.core.hair.HairLine;
import gyrotaxis.core.install.HookingPlan;
import gyrotaxis.core.quantity.Require;
import gyrotaxis.core.scalp.HeadMeasures;
import gyrotaxis.core.scalp.OwnHair;

/**
 * All that a plan follows from. Equal briefs give equal plans.
 *
 * @param head what the tape said
 * @param ownHair the client's own hair and scalp
 * @param foundation how the rows are to be laid
 * @param hair what is hooked in
 * @param shelfLoops loops of {@code hair} already in hand, in [0, {@link PackCount#MOST_SHELF_LOOPS}]
 * @param fullness how full it is to look, no unit, in {@link HookingPlan#FULLNESS}; 1 is a full look
 * @param installer who installs
 */
public record InstallBrief(
        HeadMeasures head,
        OwnHair ownHair,
        FoundationBrief foundation,
        HairLine hair,
        int shelfLoops,
        double fullness,
        Installer installer) {
    public InstallBrief {
        Require.inRange(shelfLoops, 0, PackCount.MOST_SHELF_LOOPS, "shelfLoops", "loops");
        Require.inRange(fullness, HookingPlan.FULLNESS.min(), HookingPlan.FULLNESS.max(), "fullness", "");
    }

    /** The same on another head. */
    public InstallBrief withHead(HeadMeasures other) {
        return new InstallBrief(other, ownHair, foundation, hair, shelfLoops, fullness, installer);
    }

    /** The same with another foundation. */
    public InstallBrief withFoundation(FoundationBrief other) {
        return new InstallBrief(head, ownHair, other, hair, shelfLoops, fullness, installer);
    }

    /** The same with another fullness. */
    public InstallBrief withFullness(double other) {
        return new InstallBrief(head, ownHair, foundation, hair, shelfLoops, other, installer);
    }
}
