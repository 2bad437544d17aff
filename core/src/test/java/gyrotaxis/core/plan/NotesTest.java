package gyrotaxis.core.plan;

import static gyrotaxis.core.hooking.HookedHeads.hair;
import static org.assertj.core.api.Assertions.assertThat;

import gyrotaxis.core.braiding.Tail;
import gyrotaxis.core.care.Habit;
import gyrotaxis.core.estimate.Installer;
import gyrotaxis.core.foundation.Back;
import gyrotaxis.core.foundation.FlankSchool;
import gyrotaxis.core.foundation.FoundationBrief;
import gyrotaxis.core.foundation.WearingPart;
import gyrotaxis.core.hair.Fibre;
import gyrotaxis.core.hair.HairLine;
import gyrotaxis.core.hair.Loft;
import gyrotaxis.core.hair.Slip;
import gyrotaxis.core.hair.Texture;
import gyrotaxis.core.install.Bulk;
import gyrotaxis.core.install.HairMix;
import gyrotaxis.core.install.HairMix.How;
import gyrotaxis.core.install.HairMix.Strand;
import gyrotaxis.core.install.HookingBrief;
import gyrotaxis.core.install.Method;
import gyrotaxis.core.install.Zone;
import gyrotaxis.core.ownhair.HairDensity;
import gyrotaxis.core.ownhair.OwnHair;
import gyrotaxis.core.ownhair.ScalpCondition;
import gyrotaxis.core.plan.Note.Moment;
import gyrotaxis.core.scalp.HeadMeasures;
import gyrotaxis.testing.Each;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

class NotesTest {
    private static final Planner PLANNER = new Planner();
    private static final InstallBrief PLAIN = InstallBrief.of(
            HeadMeasures.ofAll(565, 360, 330, 317, 370, 125),
            FoundationBrief.of(12, 5, 12),
            hair(Texture.SPRINGY_CURL));

    private static List<Note> notes(InstallBrief brief) {
        return Notes.of(PLANNER.plan(brief));
    }

    /** Whether anything with these words is said at a moment. */
    private static boolean says(InstallBrief brief, Moment moment, String words) {
        return notes(brief).stream()
                .anyMatch(n -> n.moment() == moment && n.words().contains(words));
    }

    static Stream<Back> backs() {
        return Stream.of(
                new Back.Straight(5),
                new Back.Straight(12),
                new Back.Switchback(4, true, Back.FrontTails.THREADED),
                new Back.Switchback(5, false, Back.FrontTails.COLLECTED),
                new Back.CrossTied(),
                new Back.Spiral(22),
                new Back.Capped(4, 0, true, true),
                new Back.Wefted(4, true));
    }

    /** Threaded tails are how own hair gets cut: the list holds every tail there is, with its place, and none that is not. */
    @ParameterizedTest
    @MethodSource("backs")
    void everyTailIsOnTheListThatIsMarkedBeforeTheFirstCut(Back back) {
        for (double own : List.of(40.0, 150.0, 400.0)) {
            InstallPlan plan = PLANNER.plan(PLAIN.withFoundation(FoundationBrief.of(12, back, 12))
                    .withOwnHair(OwnHair.of(HairDensity.MEDIUM, own, Set.of())));
            String list = Notes.of(plan).stream()
                    .filter(n -> n.moment() == Moment.TAKEDOWN)
                    .map(Note::words)
                    .collect(Collectors.joining(" "));
            assertThat(list.indexOf("mark every tail")).isBetween(0, list.indexOf("cut it close"));
            for (Tail t : plan.braiding().tails()) {
                String there =
                        t.into().map(into -> ", in " + into.words() + " ").orElse("");
                assertThat(list).containsIgnoringCase(t.row().words() + there);
            }
            assertThat(list.split(", in ", -1).length - 1).isEqualTo((int) plan.braiding().tails().stream()
                    .filter(t -> t.into().isPresent())
                    .count());
        }
    }

    @ParameterizedTest
    @EnumSource(Texture.class)
    void everyMomentHasItsLinesInTheOrderOfTheTradeAndNoneTwice(Texture texture) {
        List<Note> all = notes(PLAIN.withHair(hair(texture)));
        assertThat(all.stream().map(Note::moment).distinct()).containsExactly(Moment.values());
        assertThat(all.stream().map(Note::moment)).isSorted();
        assertThat(all).doesNotHaveDuplicates();
        Each.of(all).allSatisfy(n -> assertThat(n.words()).endsWith("."));
    }

    @Test
    void whatIsPreparedFollowsFromTheHair() {
        HairLine coarse = hair(Texture.COARSE_KINKY);
        HairLine loose = coarse.of(new Fibre(5, Slip.GRIPPY, false, false, OptionalInt.empty()));
        HookingBrief cut = HookingBrief.usual().preparing(Bulk.AS_IT_COMES.cutting(Set.of(Zone.values())));
        assertThat(says(PLAIN.withHair(loose).withHooking(cut), Moment.BEFORE, "in half"))
                .isTrue();
        assertThat(says(PLAIN, Moment.BEFORE, "in half")).isFalse();
        assertThat(says(PLAIN.withHair(hair(Texture.DEEP_WAVE)), Moment.BEFORE, "setting lotion"))
                .isTrue();
        assertThat(says(PLAIN, Moment.BEFORE, "setting lotion")).isFalse();
    }

    @Test
    void coatedHairIsRinsedForAScalpThatReacts() {
        HairLine l = hair(Texture.SPRINGY_CURL);
        HairLine coated =
                new HairLine(l.name(), l.texture(), l.lengthMm(), false, 20, 1, 3, l.packPrice(), true, l.colours());
        OwnHair reacts =
                OwnHair.of(HairDensity.MEDIUM, OwnHair.USUAL_LENGTH_MM, Set.of(ScalpCondition.REACTS_TO_COATING));
        assertThat(says(PLAIN.withHair(coated).withOwnHair(reacts), Moment.BEFORE, "Rinse"))
                .isTrue();
        assertThat(says(PLAIN.withHair(coated), Moment.BEFORE, "Rinse")).isFalse();
        assertThat(says(PLAIN.withOwnHair(reacts), Moment.BEFORE, "Rinse")).isFalse();
    }

    @Test
    void aMixIsHungBesideTheMainHair() {
        HairLine main = hair(Texture.SPRINGY_CURL);
        HairMix mix = new HairMix(How.RATIO, List.of(new Strand(main, "honey", 20, Optional.empty())), 1, false);
        InstallBrief mixed = PLAIN.withHooking(HookingBrief.usual().mixing(mix));
        assertThat(says(mixed, Moment.BEFORE, main.name() + ", honey")).isTrue();
        assertThat(says(mixed, Moment.CHAIR, "two alike")).isTrue();
        assertThat(says(PLAIN, Moment.CHAIR, "two alike")).isFalse();
    }

    @Test
    void theChairIsRemindedOfPartsSlipAndTheSecondMirror() {
        InstallBrief parted = PLAIN.withFoundation(
                PLAIN.foundation().withParts(List.of(WearingPart.straight(0)), FlankSchool.FINE_ROWS));
        assertThat(says(parted, Moment.CHAIR, "puffy")).isTrue();
        assertThat(says(PLAIN, Moment.CHAIR, "puffy")).isFalse();
        assertThat(says(PLAIN.by(Installer.SELF), Moment.CHAIR, "second mirror"))
                .isTrue();
        assertThat(says(PLAIN, Moment.CHAIR, "second mirror")).isFalse();
        assertThat(says(PLAIN.withHair(hair(Texture.SILKY_WAVE)), Moment.CHAIR, "slim it"))
                .isTrue();
        assertThat(says(
                        PLAIN.withHooking(HookingBrief.usual().by(Method.usual().with(Method.RowStart.FULL))),
                        Moment.CHAIR,
                        "both halves"))
                .isTrue();
    }

    @Test
    void heatIsSaidByTheLabelAndHotWaterAlwaysWithItsCare() {
        HairLine takes = hair(Texture.SILKY_WAVE).of(new Fibre(55, Slip.SLIDING, true, false, OptionalInt.of(130)));
        assertThat(says(PLAIN.withHair(takes), Moment.FINISHING, "up to 130 °C: test a strand first"))
                .isTrue();
        assertThat(says(PLAIN, Moment.FINISHING, "takes no heat")).isTrue();
        assertThat(says(PLAIN, Moment.FINISHING, "never near the scalp")).isTrue();
    }

    @ParameterizedTest
    @EnumSource(Texture.class)
    void whatBecomesOfTheVolumeIsWhatItsLoftSays(Texture texture) {
        double late = Loft.of(texture).at(Loft.LAST_DAY);
        InstallBrief brief = PLAIN.withHair(hair(texture));
        assertThat(says(brief, Moment.HOME, "loses volume")).isEqualTo(late < 0.9);
        assertThat(says(brief, Moment.HOME, "grows and frizzes")).isEqualTo(late > 1.1);
    }

    @Test
    void wearTimeEndsWithATakedownAndPainEndsItSooner() {
        InstallBrief nine = PLAIN.withConsultation(PLAIN.consultation().wornFor(9));
        assertThat(says(nine, Moment.HOME, "after 9 weeks; past 8 the roots tend to mat"))
                .isTrue();
        assertThat(says(PLAIN, Moment.HOME, "after 5 weeks.")).isTrue();
        assertThat(says(PLAIN, Moment.HOME, "Pain")).isTrue();
        InstallBrief swims = PLAIN.withConsultation(PLAIN.consultation().living(Set.of(Habit.SWIMMING)));
        assertThat(says(swims, Moment.HOME, "dry down to the rows")).isTrue();
    }

    @Test
    void takedownBeginsWithTheRowThatWasBraidedLast() {
        InstallPlan plan = PLANNER.plan(PLAIN);
        String last =
                plan.braiding().order().get(plan.braiding().order().size() - 1).words();
        assertThat(Notes.of(plan))
                .anySatisfy(
                        n -> assertThat(n.words()).startsWith("Undo the rows against the order of braiding: " + last));
        assertThat(says(PLAIN, Moment.TAKEDOWN, "never the row")).isTrue();
    }

    @Test
    void aFringeIsCutAwayFromTheEyes() {
        InstallBrief fringe = PLAIN.withConsultation(PLAIN.consultation().withFringe());
        assertThat(says(fringe, Moment.FINISHING, "away from the eyes")).isTrue();
        assertThat(says(PLAIN, Moment.FINISHING, "eyes")).isFalse();
        assertThat(says(PLAIN.withFullness(1.4), Moment.FINISHING, "out from the middle"))
                .isTrue();
        assertThat(says(PLAIN, Moment.FINISHING, "out from the middle")).isFalse();
    }
}
