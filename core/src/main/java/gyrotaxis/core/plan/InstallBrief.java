package gyrotaxis.core.plan;

import gyrotaxis.core.care.Afterwards;
import gyrotaxis.core.care.Caution;
import gyrotaxis.core.care.Cautions;
import gyrotaxis.core.care.Habit;
import gyrotaxis.core.estimate.Installer;
import gyrotaxis.core.estimate.Known;
import gyrotaxis.core.estimate.Learned;
import gyrotaxis.core.estimate.PackCount;
import gyrotaxis.core.estimate.Speeds;
import gyrotaxis.core.foundation.FoundationBrief;
import gyrotaxis.core.hair.HairLine;
import gyrotaxis.core.install.HookingBrief;
import gyrotaxis.core.install.HookingPlan;
import gyrotaxis.core.knot.Demand;
import gyrotaxis.core.ownhair.OwnHair;
import gyrotaxis.core.quantity.Pronoun;
import gyrotaxis.core.quantity.Require;
import gyrotaxis.core.scalp.HeadMeasures;
import gyrotaxis.core.scalp.HeadRecord;
import gyrotaxis.core.scalp.Measure;
import gyrotaxis.core.wear.Way;
import java.util.ArrayList;
import java.util.List;

/**
 * All that a plan follows from. Equal briefs give equal plans.
 *
 * @param head what was taken down of the head
 * @param ownHair the client's own hair and scalp
 * @param consultation what else was asked
 * @param foundation how the rows are to be laid
 * @param hair what is hooked in
 * @param shelfLoops loops of {@code hair} already in hand, in [0, {@link PackCount#MAX_SHELF_LOOPS}]
 * @param fullness how full it is to look, no unit, in {@link HookingPlan#FULLNESS}; 1 is a full look
 * @param installer who installs
 * @param hooking how it is hooked, beyond hair and fullness
 * @param learned what was known on the day it was asked of whoever hooks it and of the hair
 */
public record InstallBrief(
        HeadRecord head,
        OwnHair ownHair,
        Consultation consultation,
        FoundationBrief foundation,
        HairLine hair,
        int shelfLoops,
        double fullness,
        Installer installer,
        HookingBrief hooking,
        Learned learned) {
    /** Below this a head may be a child's, mm round. ASSUMPTION: between everyday tables of children and adults. */
    private static final double CHILD_ROUND_MM = 520;

    public InstallBrief {
        Require.inRange(shelfLoops, 0, PackCount.MAX_SHELF_LOOPS, "shelfLoops", "loops");
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
                Installer.STYLIST,
                HookingBrief.usual(),
                Learned.NOTHING);
    }

    /** Loops of the main hair that she brings herself, at least 0. */
    public int broughtLoops() {
        return consultation.ownPacks() * hair.loopsPerPack();
    }

    /** The same on another head. */
    public InstallBrief withHead(HeadRecord other) {
        return new InstallBrief(
                other, ownHair, consultation, foundation, hair, shelfLoops, fullness, installer, hooking, learned);
    }

    /** The same on a head with other measures. */
    public InstallBrief withMeasures(HeadMeasures other) {
        return withHead(head.withMeasures(other));
    }

    /** The same with other hair of her own. */
    public InstallBrief withOwnHair(OwnHair other) {
        return new InstallBrief(
                head, other, consultation, foundation, hair, shelfLoops, fullness, installer, hooking, learned);
    }

    /** The same after another consultation. */
    public InstallBrief withConsultation(Consultation other) {
        return new InstallBrief(
                head, ownHair, other, foundation, hair, shelfLoops, fullness, installer, hooking, learned);
    }

    /** The same with another foundation. */
    public InstallBrief withFoundation(FoundationBrief other) {
        return new InstallBrief(
                head, ownHair, consultation, other, hair, shelfLoops, fullness, installer, hooking, learned);
    }

    /** The same with another fullness. */
    public InstallBrief withFullness(double other) {
        return new InstallBrief(
                head, ownHair, consultation, foundation, hair, shelfLoops, other, installer, hooking, learned);
    }

    /** The same with so many loops on the shelf. */
    public InstallBrief withShelfLoops(int loops) {
        return new InstallBrief(
                head, ownHair, consultation, foundation, hair, loops, fullness, installer, hooking, learned);
    }

    /** The same done by somebody else. */
    public InstallBrief by(Installer other) {
        return new InstallBrief(
                head, ownHair, consultation, foundation, hair, shelfLoops, fullness, other, hooking, learned);
    }

    /** The same with another main hair, of which nothing is on the shelf. */
    public InstallBrief withHair(HairLine other) {
        return new InstallBrief(
                head,
                ownHair,
                consultation,
                foundation,
                other,
                0,
                fullness,
                installer,
                hooking,
                other.equals(hair) ? learned : learned.ofHandsAlone());
    }

    /** The same hooked otherwise. */
    public InstallBrief withHooking(HookingBrief other) {
        return new InstallBrief(
                head, ownHair, consultation, foundation, hair, shelfLoops, fullness, installer, other, learned);
    }

    /** The same with what is known by now. */
    public InstallBrief knowing(Learned other) {
        return new InstallBrief(
                head, ownHair, consultation, foundation, hair, shelfLoops, fullness, installer, hooking, other);
    }

    /** All that could do harm here, gravest first. */
    public List<Caution> cautions() {
        List<Caution> all = new ArrayList<>(
                Cautions.of(ownHair, hair, consultation.habits(), consultation.weeks(), foundation.feedsFibre()));
        if (consultation.hasFringe()) {
            all.add(Caution.FRINGE);
        }
        boolean isSmall = head.measures().get(Measure.ROUND).orElseThrow() < CHILD_ROUND_MM;
        if (consultation.isChild()) {
            all.add(Caution.CHILD);
        } else if (isSmall && consultation.ageYears().isEmpty()) {
            all.add(Caution.SMALL_HEAD);
        }
        return List.copyOf(all);
    }

    /** Where the scalp is to be spared, drawn or found. */
    public Spared spared() {
        return Spared.of(head.regions(), ownHair);
    }

    /** How she is spoken of; to herself, who installs on herself. */
    public Pronoun pronoun() {
        return installer == Installer.SELF ? Pronoun.YOU : consultation.pronoun();
    }

    /** When it will want looking after. */
    public Afterwards afterwards() {
        return Afterwards.of(hair.texture(), consultation.habits().contains(Habit.NO_SCARF), ownHair.matsEasily())
                .frizzing(learned.orUsual(Known.FRIZZ));
    }

    /** The main hair, with what was learned of how it wears. */
    public HairLine hairAsKnown() {
        return learned.of(Known.LOFT).isEmpty() ? hair : hair.of(hair.fibre().lofting(learned.orUsual(Known.LOFT)));
    }

    /** How many loops are kept back for fills, in per cent of those placed: as was learned, or as the method says. */
    public int reservePercent() {
        return (int) Math.round(
                learned.of(Known.RESERVE).orElse(hooking.method().terms().reservePercent()));
    }

    /** How fast it is worked: where it was seen, as it was seen; else as the method says. */
    public Speeds speeds() {
        return Speeds.usual(installer).by(learned, hooking.method().terms().pace());
    }

    /** What the install has to stand. */
    public Demand demand() {
        return new Demand(
                consultation.weeks(),
                consultation.habits().contains(Habit.SPORT),
                consultation.habits().contains(Habit.SWIMMING),
                consultation.habits().contains(Habit.WIND)
                        || consultation.ways().contains(Way.WIND),
                consultation.goesUp(),
                switch (consultation.fall()) {
                    case BACK -> 0;
                    case LEFT -> -1;
                    case RIGHT -> 1;
                },
                (int) Math.round(learned.orUsual(Known.PASSES)));
    }
}
