package gyrotaxis.core.estimate;

import static gyrotaxis.core.hooking.HookedHeads.STRAIGHT;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import gyrotaxis.core.braiding.Tail;
import gyrotaxis.core.braiding.TailRouter;
import gyrotaxis.core.care.Caution;
import gyrotaxis.core.care.Cautions;
import gyrotaxis.core.estimate.ChairTime.Stage;
import gyrotaxis.core.foundation.Back;
import gyrotaxis.core.foundation.Foundation;
import gyrotaxis.core.foundation.FoundationBrief;
import gyrotaxis.core.foundation.RimBrief;
import gyrotaxis.core.foundation.Row;
import gyrotaxis.core.hair.HairLine;
import gyrotaxis.core.hair.LoopTally;
import gyrotaxis.core.hair.PackSize;
import gyrotaxis.core.hair.Share;
import gyrotaxis.core.hair.Texture;
import gyrotaxis.core.hooking.HookedHeads;
import gyrotaxis.core.install.Hooked;
import gyrotaxis.core.install.HookingBrief;
import gyrotaxis.core.knot.Demand;
import gyrotaxis.core.knot.Knot;
import gyrotaxis.core.laying.RowLayout;
import gyrotaxis.core.ownhair.HairDensity;
import gyrotaxis.core.ownhair.OwnHair;
import gyrotaxis.core.ownhair.ScalpCondition;
import gyrotaxis.core.quantity.Estimate;
import gyrotaxis.core.quantity.Money;
import gyrotaxis.core.row.RowUse;
import gyrotaxis.core.row.Section;
import gyrotaxis.core.row.TailEnd;
import gyrotaxis.core.terms.Material;
import gyrotaxis.core.terms.Terms;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Packs, minutes and cautions, each from its own small case. */
class EstimateTest {
    private static final Money HOUR = Money.of(3500, "EUR");

    private static final LoopTally SEVENTY = new LoopTally(Map.of(Share.WHOLE, 40, Share.HALF, 40, Share.THIRD, 30));

    private static HairLine hair(int perBundle, int bundles, boolean coated) {
        return new HairLine(
                "Ebb",
                Texture.LOOSE_WAVE,
                400,
                false,
                perBundle,
                bundles,
                3,
                Money.of(1540, "EUR"),
                coated,
                List.of("ink"));
    }

    /** 40 + 20 + 10 = 70 loops, 7 more for fills. */
    @ParameterizedTest
    @CsvSource({
        "20,1,0,4,3",
        "77,1,0,1,0",
        "22,2,0,2,11",
        "20,1,77,0,0",
        "20,1,76,1,19",
        "10,1,17,6,0",
        "200,12,0,1,2323"
    })
    void packsFollowFromLoops(int perBundle, int bundles, int onShelf, int packs, int left) {
        PackCount count = PackCount.of(SEVENTY, hair(perBundle, bundles, false), onShelf);
        assertThat(count.placedLoops()).isEqualTo(70);
        assertThat(count.reserveLoops()).isEqualTo(7);
        assertThat(count.packs()).isEqualTo(packs);
        assertThat(count.leftOverLoops()).isEqualTo(left);
        assertThat(count.cost()).isEqualTo(Money.of(1540L * packs, "EUR"));
    }

    @Test
    void moreLoopsAreNeverFewerPacks() {
        int last = 0;
        for (int loops = 1; loops < 400; loops++) {
            int packs = PackCount.of(new LoopTally(Map.of(Share.WHOLE, loops)), hair(17, 1, false), 30)
                    .packs();
            assertThat(packs).isGreaterThanOrEqualTo(last);
            last = packs;
        }
        assertThatIllegalArgumentException().isThrownBy(() -> PackCount.of(SEVENTY, hair(20, 1, false), -1));
        assertThatIllegalArgumentException().isThrownBy(() -> PackCount.of(SEVENTY, hair(20, 1, false), 10_001));
    }

    /** Packs of 10 at 6, of 24 at 12, of 50 at 20: what a search of all mixes finds cheapest is what is bought. */
    @Test
    void theCheapestMixOfSizesIsBought() {
        HairLine line = hair(10, 1, false)
                .alsoIn(List.of(
                        new PackSize(24, Money.of(1200, "EUR")),
                        new PackSize(50, Money.of(2000, "EUR")),
                        new PackSize(7, Money.of(1500, "EUR"))));
        List<PackSize> sizes = line.packSizes();
        for (int loops = 1; loops < 130; loops++) {
            int need = loops;
            PackCount count = PackCount.of(new LoopTally(Map.of(Share.WHOLE, need)), line, 0, 0);
            long cheapest = IntStream.range(0, 14 * 7 * 4)
                    .filter(k -> (k % 14) * sizes.get(0).loops()
                                    + (k / 14 % 7) * sizes.get(1).loops()
                                    + (k / 98) * sizes.get(2).loops()
                            >= need)
                    .mapToLong(k -> (k % 14) * sizes.get(0).price().minor()
                            + (k / 14 % 7) * sizes.get(1).price().minor()
                            + (k / 98) * sizes.get(2).price().minor())
                    .min()
                    .orElseThrow();
            assertThat(count.cost().minor()).as("%d loops", need).isEqualTo(cheapest);
            assertThat(count.leftOverLoops()).isNotNegative();
        }
    }

    @Test
    void minutesAreSpeedsTimesWork() {
        Speeds speeds = aMinuteForEach(6);
        Hooked hooked = HookedHeads.medium(Texture.LOOSE_WAVE);
        ChairTime time = ChairTime.of(job(STRAIGHT, FoundationBrief.of(14, 5, 12), hooked, 7), speeds);
        int split = hooked.tallies().get(0).splitShares();
        int passes = hooked.stations().stream().mapToInt(s -> s.tie().passes()).sum();
        double braiding = STRAIGHT.lengthMm() / 10;
        // A minute for each cm of row; some shares are split, and 14 halves for fills; a tenth of a minute for each
        // pass after the first.
        assertThat(time.minutes().get(Stage.BRAIDING).likely()).isCloseTo(braiding, within(1e-6));
        assertThat(time.minutes().get(Stage.SPLITTING).likely()).isEqualTo(split + 14);
        double hooking = hooked.stations().size() * 0.9 + passes * 0.1;
        assertThat(time.minutes().get(Stage.HOOKING).likely()).isCloseTo(hooking, within(1e-6));
        assertThat(time.minutes().get(Stage.FILLS)).isEqualTo(Estimate.exactly(14));
        // Every share is separated and two ways are tried; one loose end is stitched; she is trimmed, nine minutes.
        double trying = hooked.stations().size() + 2;
        assertThat(time.minutes().get(Stage.TRYING).likely()).isCloseTo(trying, within(1e-6));
        assertThat(time.minutes().get(Stage.SECURING).likely()).isCloseTo(1, within(1e-6));
        assertThat(time.minutes().get(Stage.FINISHING).likely()).isCloseTo(9, within(1e-6));
        // What is split before the chair does not count while she sits.
        assertThat(time.inChair().likely()).isCloseTo(braiding + 1 + hooking + trying + 14 + 9, within(1e-6));
    }

    private static ChairTime.Job job(Foundation rows, FoundationBrief brief, Hooked hooked, int reserve) {
        return new ChairTime.Job(
                HookedHeads.MEDIUM,
                rows,
                TailRouter.route(rows, brief.tails(), OwnHair.ordinary()),
                brief.rim().individuals(),
                hooked,
                reserve,
                2,
                Set.of(Finish.TRIM));
    }

    /** A minute for everything, so many seconds for a further pass, nine minutes for each finish. */
    private static Speeds aMinuteForEach(double passSeconds) {
        Estimate minute = Estimate.exactly(60);
        Map<Knot, Estimate> hook = new EnumMap<>(Knot.class);
        for (Knot k : Knot.values()) {
            hook.put(k, minute);
        }
        Map<Finish, Estimate> finish = new EnumMap<>(Finish.class);
        for (Finish f : Finish.values()) {
            finish.put(f, Estimate.exactly(9));
        }
        return new Speeds(
                Installer.STYLIST,
                1,
                minute,
                minute,
                hook,
                Estimate.exactly(passSeconds),
                new Speeds.Small(minute, minute, minute, minute, minute, minute, minute, minute),
                minute,
                finish);
    }

    private static ChairTime minuteForEverything(FoundationBrief brief) {
        Foundation rows = RowLayout.lay(HookedHeads.MEDIUM, brief, OwnHair.ordinary());
        Hooked hooked = HookedHeads.hook(rows, Texture.DEEP_WAVE, HookingBrief.usual(), Demand.ordinary());
        return ChairTime.of(job(rows, brief, hooked, 0), aMinuteForEach(0));
    }

    /** Threaded front tails are stitched, too; those that are fed take no time of their own. */
    @Test
    void tailsTakeTheTimeOfWhatIsDoneToThem() {
        FoundationBrief brief = FoundationBrief.of(14, new Back.Switchback(4, false, Back.FrontTails.THREADED), 12);
        Foundation rows = RowLayout.lay(HookedHeads.MEDIUM, brief, OwnHair.ordinary());
        long threaded = TailRouter.route(rows, List.of(), OwnHair.ordinary()).tails().stream()
                .filter(t -> t.end() == TailEnd.THREADED)
                .count();
        assertThat(threaded).isGreaterThanOrEqualTo(10);
        // Two minutes for each, and one for the loose end of the last level row.
        assertThat(minuteForEverything(brief).minutes().get(Stage.SECURING).likely())
                .isCloseTo(2 * threaded + 1, within(1e-6));
        Tail banded = new Tail(
                rows.rows().get(0).id(),
                TailEnd.BANDED,
                Optional.empty(),
                0,
                Optional.empty(),
                List.of(),
                1,
                Tail.Origin.CHOSEN);
        assertThat(ChairTime.securing(HookedHeads.MEDIUM, rows, banded, aMinuteForEach(0))
                        .likely())
                .isCloseTo(3, within(1e-9));
    }

    @Test
    void whatIsAskedForAtTheEndIsCounted() {
        Hooked hooked = HookedHeads.medium(Texture.SPRINGY_CURL);
        ChairTime.Job plain = job(STRAIGHT, FoundationBrief.of(14, 5, 12), hooked, 0);
        Speeds speeds = Speeds.usual(Installer.STYLIST);
        ChairTime none = ChairTime.of(finished(plain, Set.of()), speeds);
        assertThat(none.minutes()).doesNotContainKey(Stage.FINISHING);
        ChairTime all = ChairTime.of(finished(plain, Set.of(Finish.values())), speeds);
        assertThat(all.inChair().likely() - none.inChair().likely()).isCloseTo(8 + 14 + 10 + 30, within(1e-6));
    }

    private static ChairTime.Job finished(ChairTime.Job job, Set<Finish> finish) {
        return new ChairTime.Job(
                job.scalp(),
                job.foundation(),
                job.braiding(),
                job.individuals(),
                job.hooked(),
                job.reserveLoops(),
                job.trials(),
                finish);
    }

    /** Front and back together a head is braided at the pace people say of themselves; upside down takes longest. */
    @Test
    void onOneselfBraidingGoesByPlace() {
        Speeds self = Speeds.usual(Installer.SELF);
        double minutes = STRAIGHT.rows().stream()
                .mapToDouble(
                        r -> ChairTime.braiding(HookedHeads.MEDIUM, r, self).likely())
                .sum();
        assertThat(STRAIGHT.lengthMm() / 10 / minutes).isBetween(2.5, 3.5);
        Row front = STRAIGHT.rowsOf(Section.FRONT).get(4);
        Row back = STRAIGHT.rowsOf(Section.BACK).get(2);
        assertThat(minutesPerCm(back, self)).isGreaterThan(1.15 * minutesPerCm(front, self));
        Row turned = Row.of(back.id(), back.path().reversed(), back.path().chart(), back.braidWidthMm());
        assertThat(minutesPerCm(turned, self)).isGreaterThan(1.25 * minutesPerCm(back, self));
        Speeds stylist = Speeds.usual(Installer.STYLIST);
        assertThat(minutesPerCm(turned, stylist)).isCloseTo(minutesPerCm(front, stylist), within(1e-9));
    }

    private static double minutesPerCm(Row row, Speeds speeds) {
        return ChairTime.braiding(HookedHeads.MEDIUM, row, speeds).likely() / (row.lengthMm() / 10);
    }

    @Test
    void aCapHookedOffTheHeadTakesItsHookingOutOfTheChair() {
        ChairTime on = minuteForEverything(FoundationBrief.of(14, new Back.Capped(6, 20, true, false), 12));
        ChairTime off = minuteForEverything(FoundationBrief.of(14, new Back.Capped(6, 20, true, true), 12));
        double before = off.minutes().get(Stage.HOOKING_CAP).likely();
        assertThat(before).isPositive();
        assertThat(on.minutes()).doesNotContainKey(Stage.HOOKING_CAP);
        assertThat(on.minutes().get(Stage.HOOKING).likely())
                .isCloseTo(before + off.minutes().get(Stage.HOOKING).likely(), within(1e-9));
        assertThat(on.inChair().likely() - off.inChair().likely()).isCloseTo(before, within(1e-9));
    }

    @Test
    void weftsAndCapsAreSewnByTheirSeamAndPlainRowsAreNot() {
        FoundationBrief wefted = FoundationBrief.of(14, new Back.Wefted(5, true), 12);
        double weftCm = RowLayout.lay(HookedHeads.MEDIUM, wefted, OwnHair.ordinary()).rows().stream()
                        .filter(r -> r.use() == RowUse.WEFTED)
                        .mapToDouble(Row::lengthMm)
                        .sum()
                / 10;
        assertThat(minuteForEverything(wefted).minutes().get(Stage.SEWING).likely())
                .isCloseTo(weftCm, within(1e-9));
        assertThat(minuteForEverything(FoundationBrief.of(14, 5, 12)).minutes())
                .doesNotContainKeys(Stage.SEWING, Stage.PLAITS, Stage.HOOKING_CAP);
    }

    @ParameterizedTest
    @ValueSource(booleans = {true, false})
    void singlesAreBandedAndDrawnIntoTheirSharesOneByOne(boolean isBanded) {
        FoundationBrief brief = FoundationBrief.of(14, 5, 12)
                .withRim(RimBrief.plain()
                        .withIndividuals(RimBrief.Individuals.along(RimBrief.Where.NAPE, 10, 2, 14, isBanded)));
        long plaits = RowLayout.lay(HookedHeads.MEDIUM, brief, OwnHair.ordinary()).rows().stream()
                .filter(r -> r.use() == RowUse.PLAITED)
                .count();
        assertThat(plaits).isPositive();
        assertThat(minuteForEverything(brief).minutes().get(Stage.PLAITS).likely())
                .isCloseTo(plaits * (isBanded ? 2 : 1), within(1e-9));
    }

    @Test
    void aQuoteIsMaterialsWithMarginAndTime() {
        Quote q = Quote.of(Money.of(4505, "EUR"), List.of(), 95, new Terms(10, HOUR, 20, 100));
        assertThat(q.margins()).containsExactly(Money.of(901, "EUR"));
        assertThat(q.chair()).isEqualTo(Money.of(5542, "EUR"));
        assertThat(q.totals()).containsExactly(Money.of(4505 + 901 + 5542, "EUR"));
        assertThat(Quote.of(Money.of(1200, "JPY"), List.of(), 60, new Terms(10, Money.of(4000, "JPY"), 15, 100))
                        .totals())
                .containsExactly(Money.of(1200 + 180 + 4000, "JPY"));
    }

    /** No rate is known: hair from elsewhere is asked for in its own currency, and an hour stays what it is. */
    @Test
    void hairInAnotherCurrencyDoesNotChangeWhatAnHourCosts() {
        Quote q = Quote.of(Money.of(1200, "JPY"), List.of(), 60, new Terms(10, HOUR, 15, 100));
        assertThat(q.margins()).containsExactly(Money.of(180, "JPY"));
        assertThat(q.totals()).containsExactly(HOUR, Money.of(1200 + 180, "JPY"));
        assertThat(q.supplies()).containsExactly(Money.of(1200 + 180, "JPY"));
        assertThat(Quote.of(Money.of(0, "JPY"), List.of(), 60, new Terms(10, HOUR, 15, 100))
                        .totals())
                .as("nothing is bought in yen")
                .containsExactly(HOUR);
    }

    /** What is used and has a price is charged, with the margin; what has none is told all the same. */
    @Test
    void aQuoteHoldsAllThatIsUsedAndHasAPrice() {
        FoundationBrief wefted = FoundationBrief.of(14, new Back.Wefted(5, true), 12);
        Foundation rows = RowLayout.lay(HookedHeads.MEDIUM, wefted, OwnHair.ordinary());
        List<FoundationNeeds.Need> needs = FoundationNeeds.of(
                HookedHeads.MEDIUM,
                rows,
                TailRouter.route(rows, List.of(), OwnHair.ordinary()),
                wefted.withFibreFed(true),
                List.of());
        assertThat(needs)
                .extracting(FoundationNeeds.Need::material)
                .contains(Material.FIBRE, Material.WEFT, Material.THREAD);
        double metres = rows.rows().stream()
                        .filter(r -> r.use() == RowUse.WEFTED)
                        .mapToDouble(Row::lengthMm)
                        .sum()
                * 2
                / 1000;
        Quote q = Quote.of(Money.of(4000, "EUR"), needs, 0, new Terms(10, HOUR, 20, 100, Map.of(Material.WEFT, 900L)));
        assertThat(q.others())
                .singleElement()
                .satisfies(l -> assertThat(l.cost()).isEqualTo(Money.of(Math.round(900 * metres), "EUR")));
        assertThat(q.totals())
                .singleElement()
                .extracting(Money::minor)
                .isEqualTo(4000 + Math.round(900 * metres) + Math.round(0.2 * (4000 + Math.round(900 * metres))));
    }

    @ParameterizedTest
    @EnumSource(Installer.class)
    void usualSpeedsRunFromQuickToSlow(Installer who) {
        Speeds s = Speeds.usual(who);
        List<Estimate> all = new ArrayList<>(s.hookSeconds().values());
        all.addAll(List.of(
                s.braidSecondsPerCm(),
                s.splitSecondsPerShare(),
                s.passSeconds(),
                s.small().band(),
                s.small().plait(),
                s.small().twist(),
                s.small().thread(),
                s.small().stitch(),
                s.small().pin(),
                s.small().separate(),
                s.small().trial(),
                s.sewSecondsPerCm()));
        all.addAll(s.finishMinutes().values());
        for (Estimate e : all) {
            assertThat(e.low()).isPositive().isLessThan(e.high());
            assertThat(e.likely()).isBetween(e.low(), e.high());
        }
        double cmPerMinute = 60 / s.braidSecondsPerCm().likely();
        assertThat(cmPerMinute).isCloseTo(who == Installer.STYLIST ? 5 : 3.7, within(1e-9));
    }

    @ParameterizedTest
    @EnumSource(ScalpCondition.class)
    void everyConditionIsAnsweredByACaution(ScalpCondition condition) {
        OwnHair own = OwnHair.of(HairDensity.MEDIUM, OwnHair.USUAL_LENGTH_MM, Set.of(condition));
        List<Caution> plain = Cautions.of(own, hair(20, 1, false));
        List<Caution> coated = Cautions.of(own, hair(20, 1, true));
        if (condition == ScalpCondition.REACTS_TO_COATING) {
            assertThat(plain).isEmpty();
            assertThat(coated).containsExactly(Caution.RINSE_FIRST);
        } else {
            assertThat(plain).hasSize(1);
            assertThat(coated).hasSize(2).contains(Caution.COATED).containsAll(plain);
        }
    }

    @Test
    void brokenSkinComesFirstAndRefersToAProfessional() {
        OwnHair own = OwnHair.of(HairDensity.FINE, 100, Set.of(ScalpCondition.TENDER, ScalpCondition.BROKEN_SKIN));
        List<Caution> cautions = Cautions.of(own, hair(20, 1, true));
        assertThat(cautions.get(0)).isEqualTo(Caution.DO_NOT_INSTALL);
        assertThat(cautions.get(0).words()).contains("do not install").contains("licensed professional");
    }

    @Test
    void ownHairIsCheckedAndPrintsTheSameWhateverTheOrder() {
        OwnHair one = OwnHair.of(HairDensity.FINE, 100, Set.of(ScalpCondition.TENDER, ScalpCondition.THIN_CROWN));
        assertThat(one.conditions()).containsExactly(ScalpCondition.THIN_CROWN, ScalpCondition.TENDER);
        assertThatIllegalArgumentException()
                .isThrownBy(() -> OwnHair.of(HairDensity.FINE, 19, Set.of()))
                .withMessageContaining("lengthMm is 19 mm but must be in [20, 900 mm]");
    }

    /** Somebody who takes half as long again takes it for everything she does in the chair. */
    @ParameterizedTest
    @ValueSource(doubles = {0.4, 0.8, 1, 1.5, 2.5})
    void paceScalesAllOfTheTime(double pace) {
        Hooked head = HookedHeads.medium(Texture.DEEP_WAVE);
        ChairTime.Job job = job(STRAIGHT, FoundationBrief.of(14, 5, 12), head, 8);
        double usual =
                ChairTime.of(job, Speeds.usual(Installer.STYLIST)).inChair().likely();
        double hers = ChairTime.of(job, Speeds.usual(Installer.STYLIST).at(pace))
                .inChair()
                .likely();
        assertThat(hers).isCloseTo(usual * pace, within(1e-6));
    }

    @Test
    void refusesTermsNobodyWorksOn() {
        assertThatIllegalArgumentException().isThrownBy(() -> new Terms(31, HOUR, 20, 100));
        assertThatIllegalArgumentException().isThrownBy(() -> new Terms(10, Money.of(-1, "EUR"), 20, 100));
        assertThatIllegalArgumentException().isThrownBy(() -> new Terms(10, HOUR, 201, 100));
        assertThatIllegalArgumentException().isThrownBy(() -> new Terms(10, HOUR, 20, 39));
        assertThatIllegalArgumentException()
                .isThrownBy(() -> Speeds.usual(Installer.SELF).at(0));
    }
}
