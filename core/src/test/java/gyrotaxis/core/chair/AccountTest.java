package gyrotaxis.core.chair;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import gyrotaxis.core.estimate.Speeds;
import gyrotaxis.core.hair.Share;
import gyrotaxis.core.knot.Knot;
import gyrotaxis.core.ownhair.ScalpCondition;
import gyrotaxis.core.plan.WorkSheet.ShareRef;
import gyrotaxis.core.plan.WorkSheet.Stage;
import gyrotaxis.core.row.RowId;
import gyrotaxis.core.stock.StockItem;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class AccountTest {
    private static Account of(AtTheChair c) {
        return Account.of(c.sheet, c.events);
    }

    @Test
    void aVisitThatWentAsPlannedComesToWhatWasPlanned() {
        AtTheChair c = AtTheChair.usual();
        int all = c.sheet.shares().size();
        Account a = of(c.opens(200).hooks(all, 1).after(0, new VisitEvent.RestCounted(0, 200 - c.plannedLoops())));
        assertThat(a.main().planned()).isCloseTo(c.plannedLoops(), within(1e-9));
        assertThat(a.main().used()).isCloseTo(c.plannedLoops(), within(1e-9));
        assertThat(a.main().left()).isCloseTo(200 - c.plannedLoops(), within(1e-9));
        assertThat(a.main().isCounted()).isTrue();
        Account.Minutes hooking = a.minutes().stream()
                .filter(m -> m.stage() == Stage.HOOK)
                .findFirst()
                .orElseThrow();
        assertThat(hooking.taken().orElseThrow()).isCloseTo(hooking.planned().likely(), within(0.2));
        assertThat(a.passes().used()).isEqualTo(a.passes().planned());
        assertThat(a.hooked()).isEqualTo(all);
    }

    @Test
    void whatNobodyCountedIsWhatIsOnTheHead() {
        AtTheChair c = AtTheChair.usual();
        Account a = of(c.hooks(20, 1));
        assertThat(a.main().isCounted()).isFalse();
        assertThat(a.main().used()).isCloseTo(c.loopsOfFirst(20), within(1e-9));
    }

    @Test
    void fillsPassesAndWhatSlidAreTold() {
        AtTheChair c = AtTheChair.usual();
        RowId row = c.sheet.rows().get(0).id();
        Account a = of(c.after(
                        0,
                        new VisitEvent.FromHereOn(
                                new ShareRef(1), Optional.empty(), OptionalInt.of(4), Optional.empty()))
                .hooks(40, 1)
                .after(1, new VisitEvent.ShareSlipped(new ShareRef(3)))
                .after(1, new VisitEvent.SharesHooked(List.of(new ShareRef(3))))
                .after(1, new VisitEvent.ShareTakenOut(new ShareRef(5)))
                .after(1, new VisitEvent.FillPlaced(row, 0.5, Share.HALF, 0)));
        assertThat(a.slippedInAll()).isEqualTo(1);
        assertThat(a.takenOut()).isEqualTo(1);
        assertThat(a.main().fills()).isEqualTo(0.5);
        assertThat(a.passes().used().orElseThrow()).isEqualTo(4);
        assertThat(a.passes().planned().orElseThrow()).isLessThan(4);
    }

    @ParameterizedTest
    @ValueSource(doubles = {0.6, 1, 1.7})
    void howLongKnotsTookIsReadOffTheClock(double pace) {
        AtTheChair c = AtTheChair.usual();
        c.hooks(c.sheet.shares().size(), pace);
        Map<Knot, Double> seen = Paced.of(c.sheet, c.events, c.plan.brief().speeds());
        assertThat(seen).isNotEmpty();
        // A share of a sheet takes its part of its step; those of one row are not all alike.
        seen.values().forEach(f -> assertThat(f).isCloseTo(pace, within(0.25 * pace)));
        assertThat(seen.values().stream().mapToDouble(f -> f).average().orElseThrow())
                .isCloseTo(pace, within(0.12 * pace));
    }

    @Test
    void aRestIsNoWork() {
        AtTheChair c = AtTheChair.usual();
        c.hooks(60, 1).after(55, new VisitEvent.SharesHooked(List.of(new ShareRef(61))));
        Speeds speeds = c.plan.brief().speeds();
        AtTheChair without = AtTheChair.usual();
        without.hooks(60, 1);
        assertThat(Paced.of(c.sheet, c.events, speeds)).isEqualTo(Paced.of(without.sheet, without.events, speeds));
    }

    @Test
    void aTakedownGoesByTailsAndRowsAndTellsWhatWasSeen() {
        AtTheChair c = AtTheChair.usual();
        RowId tail = c.sheet.tails().get(0).row();
        RowId row = c.sheet.takedown().get(0);
        VisitState s = c.after(0, new VisitEvent.Finished())
                .after(60 * 24 * 35, new VisitEvent.StageBegun(Stage.TAKE_DOWN))
                .after(2, new VisitEvent.TailFound(tail))
                .after(6, new VisitEvent.RowUndone(row))
                .after(1, new VisitEvent.LoopsKept(0, 31.5, StockItem.Grade.GOOD))
                .after(0, new VisitEvent.SkinSeen(Set.of(ScalpCondition.TENDER), "behind the left ear"))
                .after(0, new VisitEvent.OwnHairCut("a wisp at the nape"))
                .after(0, new VisitEvent.Judged(Set.of(Verdict.LESS_HAIR, Verdict.MORE_PASSES), ""))
                .after(30, new VisitEvent.TakenDown())
                .state();
        assertThat(s.takedown().found()).containsExactly(tail);
        assertThat(s.takedown().undone()).containsExactly(row);
        assertThat(s.takedown().kept().get(0).loops()).isEqualTo(31.5);
        assertThat(s.takedown().skin().orElseThrow().seen()).containsExactly(ScalpCondition.TENDER);
        assertThat(s.takedown().judged().orElseThrow().changes())
                .containsExactly(Verdict.LESS_HAIR, Verdict.MORE_PASSES);
        assertThat(s.takedown().isOver()).isTrue();
        assertThat(s.isFinished()).isTrue();
        Account.Minutes down = of(c).minutes().stream()
                .filter(m -> m.stage() == Stage.TAKE_DOWN)
                .findFirst()
                .orElseThrow();
        assertThat(down.taken()).hasValue(39);
        assertThatThrownBy(() -> new VisitEvent.LoopsKept(0, 3, StockItem.Grade.NEW))
                .hasMessageContaining("not new");
    }
}
