package gyrotaxis.core.laying;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import gyrotaxis.core.foundation.Back;
import gyrotaxis.core.foundation.FlankSchool;
import gyrotaxis.core.foundation.Foundation;
import gyrotaxis.core.foundation.FoundationBrief;
import gyrotaxis.core.foundation.FoundationException;
import gyrotaxis.core.foundation.FoundationException.Wish;
import gyrotaxis.core.foundation.LaidPart;
import gyrotaxis.core.foundation.PartEnd;
import gyrotaxis.core.foundation.Row;
import gyrotaxis.core.foundation.WearingPart;
import gyrotaxis.core.ownhair.OwnHair;
import gyrotaxis.core.row.RowEdit;
import gyrotaxis.core.row.RowId;
import gyrotaxis.core.row.RowUse;
import gyrotaxis.core.row.Section;
import gyrotaxis.core.scalp.HeadFitter;
import gyrotaxis.core.scalp.HeadMeasures;
import gyrotaxis.core.scalp.Region;
import gyrotaxis.core.scalp.RegionKind;
import gyrotaxis.core.scalp.Scalp;
import gyrotaxis.core.scalp.ScalpPoint;
import java.util.List;
import java.util.OptionalDouble;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** Single rows changed by hand, half rows and crossed rows at parts, and regions that keep rows out. */
class EditsTest {
    private static final Scalp HEAD = Scalp.of(HeadFitter.fit(HeadMeasures.ofAll(565, 360, 330, 317, 370, 125)));
    private static final FoundationBrief BRIEF = FoundationBrief.of(14, 5, 12);
    private static final RowId F4 = front(4);

    private static RowId front(int n) {
        return new RowId(Section.FRONT, n);
    }

    private static Foundation lay(FoundationBrief brief, Region... regions) {
        return RowLayout.lay(HEAD, brief, OwnHair.ordinary(), List.of(regions));
    }

    private static Foundation edited(RowEdit... edits) {
        Foundation f = lay(BRIEF.withEdits(List.of(edits)));
        assertThat(f.rows().stream().mapToDouble(Row::stripAreaMm2).sum())
                .isCloseTo(f.braidedMm2(), within(0.02 * f.braidedMm2()));
        return f;
    }

    private static Row row(Foundation f, RowId id) {
        return f.row(id).orElseThrow();
    }

    @Test
    void aMovedRowTakesItsStripAlong() {
        Foundation plain = edited();
        Foundation moved = edited(new RowEdit.Move(F4, 4));
        double shift = row(moved, F4).path().start().x()
                - row(plain, F4).path().start().x();
        assertThat(shift).isBetween(2.0, 4.5);
        assertThat(row(moved, front(3)).stripWidthMm())
                .isGreaterThan(row(plain, front(3)).stripWidthMm());
        assertThat(row(moved, front(5)).stripWidthMm())
                .isLessThan(row(plain, front(5)).stripWidthMm());
        assertThat(row(moved, front(9)).strips()).isEqualTo(row(plain, front(9)).strips());
        assertThat(row(moved, front(9)).lengthMm())
                .isCloseTo(row(plain, front(9)).lengthMm(), within(1e-6));
    }

    @Test
    void aWidenedRowGathersMore() {
        Foundation plain = edited();
        Foundation wide = edited(new RowEdit.Resize(F4, 1.5));
        assertThat(grown(plain, wide, F4) / grown(plain, wide, front(5))).isCloseTo(1.5, within(0.05));
    }

    private static double grown(Foundation before, Foundation after, RowId id) {
        return row(after, id).stripAreaMm2() / row(before, id).stripAreaMm2();
    }

    @Test
    void splitAndJoinRenumberWhatComesAfter() {
        assertThat(edited(new RowEdit.Split(F4)).rowsOf(Section.FRONT)).hasSize(15);
        assertThat(edited(new RowEdit.JoinNext(F4)).rowsOf(Section.FRONT)).hasSize(13);
        Foundation both = edited(new RowEdit.Split(F4), new RowEdit.JoinNext(F4));
        Foundation plain = edited();
        assertThat(both.rowsOf(Section.FRONT)).hasSize(14);
        assertThat(row(both, F4).stripAreaMm2()).isCloseTo(row(plain, F4).stripAreaMm2(), within(1.0));
    }

    @Test
    void aRowEndedEarlierIsFedIntoItsNeighbourWhichTakesOverItsScalp() {
        Foundation f = edited(new RowEdit.EndEarlier(F4, 0.5));
        Foundation plain = edited();
        assertThat(row(f, F4).lengthMm()).isLessThan(0.6 * row(plain, F4).lengthMm());
        assertThat(row(f, F4).lead()).isPresent();
        assertThat(row(f, front(3)).stripAreaMm2())
                .isGreaterThan(row(plain, front(3)).stripAreaMm2());
    }

    @Test
    void aRowBraidedTheOtherWayJoinsNothing() {
        Foundation f = edited(new RowEdit.Reverse(F4));
        assertThat(row(f, F4).joins()).isEmpty();
        assertThat(row(f, F4).path().start().y())
                .isLessThan(row(f, F4).path().end().y());
    }

    @Test
    void editsSurviveOtherMeasuresAndSayWhereTheyMakeNoSense() {
        List<RowEdit> edits = List.of(
                new RowEdit.Resize(front(12), 1.4),
                new RowEdit.Reverse(new RowId(Section.LEVEL, 2)),
                new RowEdit.Reverse(new RowId(Section.BACK, 1)));
        Scalp child = Scalp.of(HeadFitter.fit(HeadMeasures.of(480, 300, 285)));
        Foundation f = RowLayout.lay(child, BRIEF.withEdits(edits), OwnHair.ordinary());
        assertThat(f.lostEdits()).singleElement().satisfies(l -> {
            assertThat(l.index()).isEqualTo(1);
            assertThat(l.reason()).contains("level row 2");
        });
        assertThat(RowLayout.lay(child, BRIEF.withEdits(edits).withFrontRows(10), OwnHair.ordinary())
                        .lostEdits())
                .hasSize(2);
    }

    @Test
    void halfRowsStopWithTheirPartAndNoGapOpensBehindACrossedOne() {
        WearingPart part = new WearingPart(0, 0, OptionalDouble.of(50));
        Foundation half = lay(BRIEF.withParts(List.of(part.ending(PartEnd.HALF_ROWS)), FlankSchool.FINE_ROWS));
        LaidPart laid = half.parts().get(0);
        for (RowId flank : List.of(laid.gap().left(), laid.gap().right())) {
            assertThat(row(half, flank).lengthMm()).isCloseTo(50, within(8.0));
            assertThat(row(half, flank).lead()).isPresent();
        }
        Foundation crossed = lay(BRIEF.withParts(List.of(part.ending(PartEnd.CROSSED)), FlankSchool.FINE_ROWS));
        assertThat(crossed.crossings()).hasSize(1);
        Row over = row(crossed, crossed.crossings().get(0).over());
        assertThat(over.lead().orElseThrow().into())
                .isEqualTo(crossed.crossings().get(0).under());
        assertThat(over.path().end().x()).isGreaterThan(over.path().start().x());
    }

    @Test
    void aSideThatIsShownIsBraidedButNotHooked() {
        WearingPart part = new WearingPart(-50, 0, 0, OptionalDouble.empty(), PartEnd.OPEN, true);
        Foundation f = lay(BRIEF.withParts(List.of(part), FlankSchool.FINE_ROWS));
        List<Row> shown = f.rows().stream().filter(r -> r.use() == RowUse.SHOWN).toList();
        assertThat(shown).isNotEmpty().allMatch(r -> r.path().start().x() < 0);
        assertThat(f.rowsOf(Section.FRONT).get(13).use()).isEqualTo(RowUse.HOOKED);
    }

    @Test
    void aRowStopsBeforeANoGoAndGoesOnBehindIt() {
        Region spot = spot(RegionKind.NO_GO, 0, 0, 0.16);
        Foundation f = lay(FoundationBrief.of(10, 5, 12), spot);
        assertThat(f.rows()).anyMatch(r -> r.id().piece() == 2);
        assertThat(f.isMirrored()).isFalse();
        Foundation tender = lay(FoundationBrief.of(10, 5, 12), spot(RegionKind.TENDER, 0, 0, 0.16));
        assertThat(tender.rows()).noneMatch(r -> r.id().piece() > 1);
        assertThat(tender.isMirrored()).isTrue();
    }

    @Test
    void regionsThatLeaveNoRoomAreRefused() {
        assertThatExceptionOfType(FoundationException.class)
                .isThrownBy(() -> lay(BRIEF, spot(RegionKind.NO_GO, 0, 0, 1)))
                .satisfies(e -> assertThat(e.wish()).isEqualTo(Wish.REGION))
                .withMessageContaining("no room");
        List<ScalpPoint> bowTie = List.of(
                new ScalpPoint(0, 0.4),
                new ScalpPoint(Math.PI, 0.4),
                new ScalpPoint(1.2, 0.4),
                new ScalpPoint(-1.2, 0.4));
        assertThatExceptionOfType(FoundationException.class)
                .isThrownBy(() -> lay(BRIEF, new Region(RegionKind.SCAR, "bow tie", bowTie)))
                .withMessageContaining("crosses itself");
    }

    @Test
    void whatCannotGoTogetherIsRefusedWhereItWasAsked() {
        FoundationBrief spiral = FoundationBrief.of(14, new Back.Spiral(20), 12);
        assertThatExceptionOfType(FoundationException.class)
                .isThrownBy(() -> lay(spiral.withParts(List.of(WearingPart.straight(0)), FlankSchool.FINE_ROWS)))
                .satisfies(e -> assertThat(e.wish()).isEqualTo(Wish.PART));
        assertThatExceptionOfType(FoundationException.class)
                .isThrownBy(() -> lay(spiral.withOverlays(List.of(20.0))))
                .satisfies(e -> assertThat(e.wish()).isEqualTo(Wish.OVERLAY));
        assertThatExceptionOfType(FoundationException.class)
                .isThrownBy(() -> lay(BRIEF.withOverlays(List.of(20.0, 30.0))))
                .satisfies(e -> assertThat(e.index()).isEqualTo(1));
        assertThatExceptionOfType(FoundationException.class)
                .isThrownBy(() -> lay(FoundationBrief.of(14, 5, 30).withOverlays(List.of(20.0, 70.0))))
                .withMessageContaining("nape");
        assertThatIllegalArgumentException().isThrownBy(() -> new RowEdit.Move(F4, 41));
        assertThatIllegalArgumentException().isThrownBy(() -> new RowEdit.EndEarlier(F4, 0));
        assertThatIllegalArgumentException().isThrownBy(() -> new Back.Spiral(5));
        assertThatIllegalArgumentException().isThrownBy(() -> new Back.Wefted(9, true));
    }

    private static Region spot(RegionKind kind, double x, double y, double radius) {
        return new Region(
                kind,
                "spot",
                IntStream.range(0, 16)
                        .mapToObj(i -> {
                            double t = 2 * Math.PI * i / 16;
                            double px = x + radius * Math.sin(t);
                            double py = y + radius * Math.cos(t);
                            return new ScalpPoint(Math.atan2(px, py), Math.min(1, Math.hypot(px, py)));
                        })
                        .toList());
    }
}
