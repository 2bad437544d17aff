package gyrotaxis.core.plan;

import gyrotaxis.core.estimate.Installer;
import gyrotaxis.core.estimate.PackCount;
import gyrotaxis.core.foundation.FoundationBrief;
import gyrotaxis.core.hair.HairLine;
import gyrotaxis.core.install.HookingPlan;
import gyrotaxis.core.quantity.Require;
import gyrotaxis.core.scalp.HeadMeasures;
import gyrotaxis.core.scalp.HeadRecord;
import gyrotaxis.core.scalp.OwnHair;

/**
 * All that a plan follows from. Equal briefs give equal plans.
 *
 * @param head what was taken down of the head
 * @param ownHair the client's own hair and scalp
 * @param consultation what else was asked
 * @param foundation how the rows are to be laid
 * @param hair what is hooked in
 * @param shelfLoops loops of {@code hair} already in hand, in [0, {@link PackCount#MOST_SHELF_LOOPS}]
 * @param fullness how full it is to look, no unit, in {@link HookingPlan#FULLNESS}; 1 is a full look
 * @param installer who installs
 */
public record InstallBrief(
        HeadRecord head,
        OwnHair ownHair,
        Consultation consultation,
        FoundationBrief foundation,
        HairLine hair,
        int shelfLoops,
        double fullness,
        Installer installer) {
    public InstallBrief {
        Require.inRange(shelfLoops, 0, PackCount.MOST_SHELF_LOOPS, "shelfLoops", "loops");
        Require.inRange(fullness, HookingPlan.FULLNESS.min(), HookingPlan.FULLNESS.max(), "fullness", "");
    }

    /** A full look by a stylist on a head of which only the measures are known. */
    public static InstallBrief of(HeadMeasures head, FoundationBrief foundation, HairLine hair) {
        return new InstallBrief(
                HeadRecord.of(head),
                OwnHair.ordinary(),
                Consultation.plain(),
                foundation,
                hair,
                0,
                1,
                Installer.STYLIST);
    }

    /** The same on another head. */
    public InstallBrief withHead(HeadRecord other) {
        return new InstallBrief(other, ownHair, consultation, foundation, hair, shelfLoops, fullness, installer);
    }

    /** The same on a head with other measures. */
    public InstallBrief withMeasures(HeadMeasures other) {
        return withHead(head.withMeasures(other));
    }

    /** The same with other hair of her own. */
    public InstallBrief withOwnHair(OwnHair other) {
        return new InstallBrief(head, other, consultation, foundation, hair, shelfLoops, fullness, installer);
    }

    /** The same after another consultation. */
    public InstallBrief withConsultation(Consultation other) {
        return new InstallBrief(head, ownHair, other, foundation, hair, shelfLoops, fullness, installer);
    }

    /** The same with another foundation. */
    public InstallBrief withFoundation(FoundationBrief other) {
        return new InstallBrief(head, ownHair, consultation, other, hair, shelfLoops, fullness, installer);
    }

    /** The same with another fullness. */
    public InstallBrief withFullness(double other) {
        return new InstallBrief(head, ownHair, consultation, foundation, hair, shelfLoops, other, installer);
    }

    /** The same with so many loops on the shelf. */
    public InstallBrief withShelfLoops(int loops) {
        return new InstallBrief(head, ownHair, consultation, foundation, hair, loops, fullness, installer);
    }

    /** The same done by somebody else. */
    public InstallBrief by(Installer other) {
        return new InstallBrief(head, ownHair, consultation, foundation, hair, shelfLoops, fullness, other);
    }
}
