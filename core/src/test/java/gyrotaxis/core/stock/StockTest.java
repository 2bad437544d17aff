package gyrotaxis.core.stock;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import gyrotaxis.core.hair.HairLine;
import gyrotaxis.core.hair.PackSize;
import gyrotaxis.core.hair.Texture;
import gyrotaxis.core.quantity.Money;
import gyrotaxis.core.stock.StockItem.Grade;
import gyrotaxis.core.stock.StockItem.Loops;
import gyrotaxis.core.stock.StockItem.Packs;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class StockTest {
    private static final LineId EDDY = new LineId(new UUID(0, 1));
    private static final LineId SWELL = new LineId(new UUID(0, 2));
    private static final LocalDate TODAY = LocalDate.of(2027, 6, 7);
    private static final Packs PACKS = new Packs(EDDY, "ink", "lot 41", 20);
    private static final Loops OPEN = new Loops(EDDY, "ink", "lot 41", Grade.NEW);
    private static final int P = StockItem.PARTS;

    @Test
    void whatIsCountedHasAPluralAndWhatIsMeasuredHasNone() {
        assertThat(StockItem.Unit.PACK.words(1)).isEqualTo("pack");
        assertThat(StockItem.Unit.LOOP.words(0.5)).isEqualTo("loops");
        assertThat(StockItem.Unit.PIECE.words(0)).isEqualTo("pieces");
        assertThat(StockItem.Unit.CENTIMETRE.words(12)).isEqualTo("cm");
    }

    private static Stock of(Movement... moves) {
        return Stock.of(List.of(moves));
    }

    private static Sold sold(LineId id, Texture texture, int leadDays, String... colours) {
        HairLine line = new HairLine(
                "Eddy " + id.value().getLeastSignificantBits(),
                texture,
                400,
                false,
                20,
                1,
                3.5,
                Money.of(900, "EUR"),
                false,
                List.of(colours));
        return new Sold(id, line.alsoIn(List.of(new PackSize(60, Money.of(2400, "EUR")))), "Ninth Pier", leadDays);
    }

    private static Need need(long n, int inDays, int loops) {
        return new Need(new UUID(9, n), TODAY.plusDays(inDays), EDDY, "ink", loops);
    }

    @Test
    void whatIsThereIsTheSumOfWhatCameAndWent() {
        Stock s = of(
                new Movement(PACKS, MovementReason.BOUGHT, 3),
                new Movement(PACKS, MovementReason.OPENED, -1),
                new Movement(OPEN, MovementReason.OPENED, 20L * P),
                new Movement(OPEN, MovementReason.USED, -12L * P - P / 2),
                new Movement(OPEN, MovementReason.LEFT_OVER, P / 3));
        assertThat(s.of(PACKS)).isEqualTo(2);
        assertThat(s.of(OPEN)).isEqualTo(20L * P - 12L * P - P / 2 + P / 3);
        assertThat(s.newParts(EDDY, "ink")).isEqualTo(2L * 20 * P + s.of(OPEN));
        assertThat(s.newParts(EDDY, "rust")).isZero();
        assertThat(s.newParts(SWELL, "ink")).isZero();
    }

    @Test
    void everyShareIsAWholeNumberOfParts() {
        for (int n = 1; n <= 8; n++) {
            assertThat(P % n).isZero();
        }
    }

    @Test
    void washedLoopsAreKeptApart() {
        Stock s = of(new Movement(new Loops(EDDY, "ink", "", Grade.GOOD), MovementReason.WASHED, 30L * P));
        assertThat(s.newParts(EDDY, "ink")).isZero();
        assertThat(s.washedParts(EDDY, "ink")).isEqualTo(30L * P);
    }

    @Test
    void anAmountFitsItsReason() {
        assertThatThrownBy(() -> new Movement(PACKS, MovementReason.BOUGHT, -1))
                .hasMessageContaining("cannot be when it is bought");
        assertThatThrownBy(() -> new Movement(OPEN, MovementReason.USED, 1)).hasMessageContaining("used");
        assertThatThrownBy(() -> new Movement(OPEN, MovementReason.COUNTED, 0)).hasMessageContaining("counted");
        assertThatThrownBy(() -> new Movement(OPEN, MovementReason.COUNTED, Movement.MAX + 1))
                .hasMessageContaining("amount");
    }

    @Test
    void whatIsNotThereCannotGo() {
        Stock s = of(new Movement(PACKS, MovementReason.BOUGHT, 2));
        assertThat(s.lacking(List.of(new Movement(PACKS, MovementReason.LOST, -2))))
                .isEmpty();
        assertThat(s.lacking(List.of(new Movement(PACKS, MovementReason.LOST, -3))))
                .contains(PACKS);
    }

    @Test
    void whatIsTakenComesOutOfWhatIsOpenThenOutOfAPack() {
        Stock s =
                of(new Movement(PACKS, MovementReason.BOUGHT, 2), new Movement(OPEN, MovementReason.LEFT_OVER, 5L * P));
        Stock after = s.after(s.taking(EDDY, "ink", "", 8L * P, 20));
        assertThat(after.of(PACKS)).isEqualTo(1);
        assertThat(after.of(OPEN)).isEqualTo(17L * P);
    }

    @Test
    void whatIsInSomebodysHandButNotInTheBookIsFound() {
        List<Movement> moves = of().taking(EDDY, "ink", "lot 7", 8L * P, 20);
        assertThat(moves)
                .extracting(Movement::why)
                .containsExactly(
                        MovementReason.COUNTED, MovementReason.OPENED, MovementReason.OPENED, MovementReason.USED);
        assertThat(of().after(moves).newParts(EDDY, "ink")).isEqualTo(12L * P);
    }

    static Stream<Long> seeds() {
        return Stream.iterate(1L, n -> n + 1).limit(100);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void takingNeverLeavesLessThanNothingAndLosesNothing(long seed) {
        Random r = new Random(seed);
        List<Movement> moves = new ArrayList<>();
        for (int k = 0; k < 30; k++) {
            Stock s = Stock.of(moves);
            String lot = r.nextBoolean() ? "" : "lot " + r.nextInt(3);
            String colour = r.nextBoolean() ? "ink" : "rust";
            if (r.nextInt(3) == 0) {
                moves.add(new Movement(
                        new Packs(EDDY, colour, lot, r.nextBoolean() ? 20 : 60),
                        MovementReason.BOUGHT,
                        1 + r.nextInt(3)));
                continue;
            }
            long parts = r.nextInt(40 * P);
            List<Movement> taken = s.taking(EDDY, colour, lot, parts, 20);
            assertThat(s.lacking(taken)).isEmpty();
            long found = taken.stream()
                    .filter(m -> m.why() == MovementReason.COUNTED)
                    .mapToLong(m -> m.amount() * ((Packs) m.good()).loops() * P)
                    .sum();
            assertThat(s.after(taken).newParts(EDDY, colour)).isEqualTo(s.newParts(EDDY, colour) + found - parts);
            // It is found only once all the book knows of is used.
            assertThat(found == 0 || s.newParts(EDDY, colour) < parts).isTrue();
            moves.addAll(taken);
            Stock summed = Stock.of(moves);
            summed.amounts()
                    .forEach((good, there) -> assertThat(there)
                            .isPositive()
                            .isEqualTo(moves.stream()
                                    .filter(m -> m.good().equals(good))
                                    .mapToLong(Movement::amount)
                                    .sum()));
        }
    }

    @Test
    void needsAreMetInOrderOfTheirDaysAndTheRestIsBoughtTogether() {
        Stock s = of(new Movement(PACKS, MovementReason.BOUGHT, 2));
        Shopping list = Shopping.of(
                s,
                List.of(),
                List.of(),
                List.of(need(2, 5, 50), need(1, 2, 30)),
                List.of(sold(EDDY, Texture.DEEP_WAVE, 1, "ink")),
                TODAY);
        assertThat(list.met()).extracting(Shopping.Met::fromShelf).containsExactly(30, 10);
        Shopping.Buy buy = list.buys().get(0);
        assertThat(buy.missing()).isEqualTo(40);
        assertThat(buy.cost()).isEqualTo(Money.of(1800, "EUR"));
        assertThat(buy.orderBy()).isEqualTo(TODAY.plusDays(4));
        assertThat(buy.spareDays()).isEqualTo(4);
    }

    @Test
    void whatIsSetAsideForOneIsNotThereForAnother() {
        Stock s = of(new Movement(PACKS, MovementReason.BOUGHT, 2));
        List<SetAside> aside = List.of(new SetAside(need(2, 0, 0).forWhom(), EDDY, "ink", 30));
        Shopping list = Shopping.of(
                s,
                aside,
                List.of(),
                List.of(need(1, 2, 30), need(2, 5, 50)),
                List.of(sold(EDDY, Texture.DEEP_WAVE, 1, "ink")),
                TODAY);
        assertThat(list.met()).extracting(Shopping.Met::fromShelf).containsExactly(10, 30);
        assertThat(list.met()).extracting(Shopping.Met::missing).containsExactly(20, 20);
    }

    /** What is ordered is not ordered again, unless it comes after the day on which it is needed. */
    @Test
    void whatIsOnItsWayIsNotBoughtUnlessItComesTooLate() {
        List<Need> needs = List.of(need(1, 2, 30), need(2, 5, 50));
        List<Sold> sold = List.of(sold(EDDY, Texture.DEEP_WAVE, 1, "ink"));
        Shopping inTime = Shopping.of(
                of(), List.of(), List.of(new Coming(EDDY, "ink", 60, TODAY.plusDays(1))), needs, sold, TODAY);
        assertThat(inTime.met()).extracting(Shopping.Met::coming).containsExactly(30, 30);
        assertThat(inTime.met()).extracting(Shopping.Met::missing).containsExactly(0, 20);
        assertThat(inTime.buys()).extracting(Shopping.Buy::missing).containsExactly(20);
        Shopping late = Shopping.of(
                of(), List.of(), List.of(new Coming(EDDY, "ink", 90, TODAY.plusDays(4))), needs, sold, TODAY);
        assertThat(late.met()).extracting(Shopping.Met::coming).containsExactly(0, 50);
        assertThat(late.buys()).extracting(Shopping.Buy::missing).containsExactly(30);
        Shopping all = Shopping.of(of(), List.of(), List.of(new Coming(EDDY, "ink", 80, TODAY)), needs, sold, TODAY);
        assertThat(all.buys()).isEmpty();
        Shopping other = Shopping.of(of(), List.of(), List.of(new Coming(EDDY, "rust", 80, TODAY)), needs, sold, TODAY);
        assertThat(other.buys()).extracting(Shopping.Buy::missing).containsExactly(80);
    }

    @Test
    void whoseHairIsMissingIfItComesLateIsSaid() {
        Shopping list = Shopping.of(
                of(),
                List.of(),
                List.of(),
                List.of(need(1, 3, 30), need(2, 9, 30)),
                List.of(sold(EDDY, Texture.DEEP_WAVE, 2, "ink")),
                TODAY);
        Shopping.Buy buy = list.buys().get(0);
        // Ordered today it is here in two days, for somebody who needs it in three.
        assertThat(buy.spareDays()).isEqualTo(1);
        assertThat(buy.lateFor()).extracting(Need::by).containsExactly(TODAY.plusDays(3));
        Shopping tooLate = Shopping.of(
                of(),
                List.of(),
                List.of(),
                List.of(need(1, 1, 30)),
                List.of(sold(EDDY, Texture.DEEP_WAVE, 2, "ink")),
                TODAY);
        assertThat(tooLate.spareDays()).hasValue(-1);
        assertThat(tooLate.buys().get(0).lateFor()).hasSize(1);
        assertThat(Shopping.of(of(), List.of(), List.of(), List.of(), List.of(), TODAY)
                        .spareDays())
                .isEmpty();
    }

    @Test
    void aColourThatCannotBeHadIsStoodInForByTheNearest() {
        Sold eddy = sold(EDDY, Texture.DEEP_WAVE, 1, "rust", "chestnut", "honey");
        Sold swell = sold(SWELL, Texture.DEEP_WAVE, 1, "copper", "ink");
        Sold other = sold(new LineId(new UUID(0, 3)), Texture.COARSE_KINKY, 1, "rust");
        Stock s = of(new Movement(new Packs(SWELL, "copper", "", 20), MovementReason.BOUGHT, 2));
        List<Substitution> some = Substitution.of(eddy, "rust", List.of(eddy, swell, other), s, 3);
        // Of another line, but hardly to be told apart; a line that curls otherwise is none at all.
        assertThat(some.get(0).colour()).isEqualTo("copper");
        assertThat(some.get(0).loops()).isEqualTo(40);
        assertThat(some.get(1).colour()).isEqualTo("chestnut");
        assertThat(some.get(1).isSameLine()).isTrue();
        assertThat(some).noneMatch(i -> i.line().equals(other.id()));
        assertThat(Substitution.of(eddy, "No 9", List.of(eddy, swell), s, 3)).isEmpty();
    }

    @Test
    void whatIsSetAsideIsFreeForItsOwnPlanAlone() {
        UUID hers = new UUID(0, 41);
        UUID another = new UUID(0, 42);
        Stock there = of().after(List.of(new Movement(OPEN, MovementReason.BOUGHT, 30L * P + P / 2)));
        List<SetAside> aside = List.of(
                new SetAside(hers, EDDY, "ink", 20),
                new SetAside(another, EDDY, "ink", 8),
                new SetAside(hers, EDDY, "rust", 9),
                new SetAside(hers, SWELL, "ink", 9));
        assertThat(there.freeLoops(EDDY, "ink", List.of())).isEqualTo(30);
        assertThat(there.freeLoops(EDDY, "ink", aside)).isEqualTo(2);
        assertThat(there.freeLoops(EDDY, "ink", aside, hers)).isEqualTo(22);
        assertThat(there.freeLoops(EDDY, "ink", aside, another)).isEqualTo(10);
        assertThat(of().freeLoops(EDDY, "ink", aside)).isZero();
    }
}
