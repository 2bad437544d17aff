package gyrotaxis.core.chair;

import static org.assertj.core.api.Assertions.assertThat;

import gyrotaxis.core.chair.VisitEvent.FillPlaced;
import gyrotaxis.core.chair.VisitEvent.KnotBeyond;
import gyrotaxis.core.chair.VisitEvent.SharesHooked;
import gyrotaxis.core.hair.Share;
import gyrotaxis.core.install.Bearing;
import gyrotaxis.core.install.Station;
import gyrotaxis.core.plan.WorkSheet.SheetShare;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** What sits on the head is what was hooked, where it was hooked, and what was filled in. */
class AtWorkTest {
    private AtTheChair chair;
    private AtWork head;
    private SheetShare near;
    private SheetShare far;

    @BeforeEach
    void hookEverything() {
        chair = AtTheChair.usual();
        head = new AtWork(chair.plan, chair.sheet);
        chair.after(
                60,
                new SharesHooked(
                        chair.sheet.shares().stream().map(SheetShare::ref).toList()));
        near = chair.sheet.shares().stream().filter(this::hasKnot).findFirst().orElseThrow();
        far = chair.sheet.shares().stream()
                .filter(s -> !s.row().equals(near.row()) && hasKnot(s))
                .min(Comparator.comparingDouble(s -> s.chart().distance(near.chart())))
                .orElseThrow();
    }

    private boolean hasKnot(SheetShare s) {
        return head.stations(List.of(s)).get(0).canBeDrawn();
    }

    private List<Station> hooked() {
        return head.hooked(chair.state());
    }

    private static FillPlaced through(SheetShare near, KnotBeyond beyond) {
        return new FillPlaced(near.row(), near.at(), Share.QUARTER, 0, OptionalDouble.empty(), Optional.of(beyond));
    }

    @Test
    void aHeadWorkedAsPlannedIsTheHeadThatWasPlanned() {
        assertThat(hooked()).hasSameSizeAs(chair.plan.stations());
        for (Station s : hooked()) {
            Station planned = chair.plan.stations().stream()
                    .min(Comparator.comparingDouble(p -> p.space().distance(s.space())))
                    .orElseThrow();
            assertThat(planned.space().distance(s.space())).isLessThan(0.5);
            assertThat(s.id().row()).isEqualTo(planned.id().row());
            assertThat(s.share()).isEqualTo(planned.share());
            assertThat(s.tie()).isEqualTo(planned.tie());
        }
    }

    @Test
    void aFillThroughTwoKnotsDrawsBothTogether() {
        chair.after(1, through(near, new KnotBeyond(far.row(), far.at())));
        List<Station> drawn =
                hooked().stream().filter(s -> s.drawnTo().isPresent()).toList();
        assertThat(drawn).hasSize(3);
        assertThat(drawn).extracting(Station::drawnTo).containsOnly(drawn.get(0).drawnTo());
        assertThat(drawn).extracting(s -> s.bearing().rule()).contains(Bearing.Rule.SHUT);
        assertThat(hooked()).hasSize(chair.sheet.shares().size() + 1);
    }

    /** A knot is drawn to one side only, and one that was taken out draws nothing: the fill still sits where it was put. */
    @Test
    void whatCannotBeDrawnIsAFillAllTheSame() {
        KnotBeyond beyond = new KnotBeyond(far.row(), far.at());
        chair.after(1, through(near, beyond)).after(1, through(near, beyond));
        assertThat(hooked().stream().filter(s -> s.drawnTo().isPresent())).hasSize(3);
        assertThat(hooked()).hasSize(chair.sheet.shares().size() + 2);
        chair.after(1, new VisitEvent.ShareTakenOut(far.ref()));
        assertThat(hooked()).hasSize(chair.sheet.shares().size() + 1);
    }

    @Test
    void aFillIsThrownTheWayItWasThrown() {
        chair.after(1, new FillPlaced(near.row(), near.at(), Share.HALF, 0, OptionalDouble.of(1), Optional.empty()));
        Station fill = hooked().get(hooked().size() - 1);
        Station asItFalls = Optional.of(new FillPlaced(near.row(), near.at(), Share.HALF, 0))
                .map(f -> AtTheChair.usual().after(0, f))
                .map(c -> head.hooked(c.state()).get(0))
                .orElseThrow();
        assertThat(fill.bearing()).isNotEqualTo(asItFalls.bearing());
    }
}
