package gyrotaxis.core.wear;

import static gyrotaxis.core.hooking.HookedHeads.MEDIUM;
import static org.assertj.core.api.Assertions.assertThat;

import gyrotaxis.core.foundation.FlankSchool;
import gyrotaxis.core.foundation.Foundation;
import gyrotaxis.core.foundation.FoundationBrief;
import gyrotaxis.core.foundation.PartEnd;
import gyrotaxis.core.foundation.RimBrief;
import gyrotaxis.core.foundation.Row;
import gyrotaxis.core.foundation.WearingPart;
import gyrotaxis.core.geometry.Polygons;
import gyrotaxis.core.geometry.Vec2;
import gyrotaxis.core.laying.RowLayout;
import gyrotaxis.core.ownhair.OwnHair;
import gyrotaxis.core.row.RowUse;
import gyrotaxis.core.row.Section;
import java.util.List;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

/** What a stylist means to show: the line of the worn part, rows that are braided to be seen, the start of rows set back. */
class BareOnPurposeTest {
    private static final CoverGrid GRID = CoverGrid.of(MEDIUM, 6_000);
    private static final FoundationBrief ROWS = FoundationBrief.of(14, 5, 12);

    private static Foundation lay(FoundationBrief brief) {
        return RowLayout.lay(MEDIUM, brief, OwnHair.ordinary());
    }

    private static boolean isInStrip(Row row, Vec2 at) {
        return row.strips().stream().anyMatch(rim -> Polygons.contains(rim, at));
    }

    @Test
    void thePartThatIsWornMayShowEightMillimetresToBothSidesAndNoOther() {
        Foundation rows = lay(
                ROWS.withParts(List.of(WearingPart.straight(-40), WearingPart.straight(40)), FlankSchool.FINE_ROWS));
        for (int worn = 0; worn < 2; worn++) {
            boolean[] meant = BareOnPurpose.of(GRID, rows, Worn.parted(worn));
            List<Vec2> line = rows.parts().get(worn).path().chart();
            for (int i = 0; i < meant.length; i++) {
                Vec2 at = GRID.middle(i);
                double away = line.stream().mapToDouble(at::distance).min().orElseThrow();
                assertThat(!meant[i] || away < 8).as("%s, %s mm away", at, away).isTrue();
                assertThat(meant[i] || away > 7).as("%s, %s mm away", at, away).isTrue();
            }
        }
        assertThat(BareOnPurpose.of(GRID, rows, Worn.as(Way.BUN))).doesNotContain(true);
    }

    @Test
    void rowsThatAreShownAreMeantToBeSeenHoweverItIsWorn() {
        WearingPart shown = new WearingPart(-30, 0, 0, OptionalDouble.empty(), PartEnd.OPEN, true);
        Foundation rows = lay(ROWS.withParts(List.of(shown), FlankSchool.FINE_ROWS));
        assertThat(rows.rows()).anyMatch(r -> r.use() == RowUse.SHOWN);
        boolean[] meant = BareOnPurpose.of(GRID, rows, Worn.as(Way.DOWN));
        for (int i = 0; i < meant.length; i++) {
            Vec2 at = GRID.middle(i);
            boolean isShown = rows.rows().stream().anyMatch(r -> r.use() == RowUse.SHOWN && isInStrip(r, at));
            assertThat(meant[i]).isEqualTo(isShown && GRID.isInside(i));
        }
    }

    /** Set back by 15 mm, the first share covers from about 24 mm on. */
    @Test
    void whatLiesBeforeSharesThatAreSetBackIsMeantToShow() {
        assertThat(BareOnPurpose.of(GRID, lay(ROWS), Worn.as(Way.DOWN))).doesNotContain(true);
        Foundation rows = lay(ROWS.withRim(RimBrief.plain().withSetBack(15)));
        boolean[] meant = BareOnPurpose.of(GRID, rows, Worn.as(Way.DOWN));
        int shown = 0;
        for (int i = 0; i < meant.length; i++) {
            Vec2 at = GRID.middle(i);
            boolean isBefore = rows.rowsOf(Section.FRONT).stream()
                    .anyMatch(r -> isInStrip(r, at) && r.path().nearest(at) * r.lengthMm() < 24);
            assertThat(meant[i]).as(at.toString()).isEqualTo(isBefore && GRID.isInside(i));
            shown += meant[i] ? 1 : 0;
        }
        // About 20 mm of some 300 mm of hairline.
        assertThat(shown * GRID.cellMm() * GRID.cellMm()).isBetween(3_000.0, 12_000.0);
    }
}
