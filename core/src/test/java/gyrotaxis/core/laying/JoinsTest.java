package gyrotaxis.core.laying;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;
import static org.assertj.core.api.Assertions.within;

import gyrotaxis.core.foundation.Back;
import gyrotaxis.core.foundation.FlankSchool;
import gyrotaxis.core.foundation.Foundation;
import gyrotaxis.core.foundation.FoundationBrief;
import gyrotaxis.core.foundation.FoundationException;
import gyrotaxis.core.foundation.Row;
import gyrotaxis.core.foundation.WearingPart;
import gyrotaxis.core.ownhair.OwnHair;
import gyrotaxis.core.row.LostEdit;
import gyrotaxis.core.row.RowEdit;
import gyrotaxis.core.row.RowId;
import gyrotaxis.core.row.RowUse;
import gyrotaxis.core.row.Section;
import gyrotaxis.core.scalp.HeadFitter;
import gyrotaxis.core.scalp.HeadMeasures;
import gyrotaxis.core.scalp.Scalp;
import gyrotaxis.testing.Each;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Which front rows join which row behind, as usual and as asked. */
class JoinsTest {
    private static final Scalp HEAD = Scalp.of(HeadFitter.fit(HeadMeasures.ofAll(565, 360, 330, 317, 370, 125)));

    private static Foundation lay(FoundationBrief brief) {
        Foundation f = RowLayout.lay(HEAD, brief, OwnHair.ordinary());
        // Whatever joins what, the strips cover all that is braided.
        assertThat(f.rows().stream().mapToDouble(Row::stripAreaMm2).sum())
                .isCloseTo(f.braidedMm2(), within(0.02 * f.braidedMm2()));
        return f;
    }

    private static List<Long> sizes(Foundation f) {
        return f.rowsOf(Section.BACK).stream()
                .map(b -> f.rows().stream()
                        .filter(r -> r.joins().filter(b.id()::equals).isPresent())
                        .count())
                .toList();
    }

    private static RowId behind(int n) {
        return new RowId(Section.BACK, n);
    }

    @ParameterizedTest
    @CsvSource({"8,1", "14,1", "6,6", "12,12", "20,20", "20,2"})
    void fromOneRowBehindToAsManyAsInFront(int front, int back) {
        Foundation f = lay(FoundationBrief.of(front, back, 12));
        assertThat(f.rowsOf(Section.BACK)).hasSize(back);
        assertThat(sizes(f).stream().mapToLong(n -> n).sum()).isEqualTo(front);
        assertThat(f.lostEdits()).isEmpty();
    }

    @Test
    void theyJoinAsAsked() {
        Foundation f = lay(FoundationBrief.of(14, 4, 12).joining(List.of(5, 2, 2, 5)));
        assertThat(sizes(f)).containsExactly(5L, 2L, 2L, 5L);
        assertThat(f.isMirrored()).isTrue();
        Foundation uneven = lay(FoundationBrief.of(14, 4, 12).joining(List.of(6, 3, 3, 2)));
        assertThat(sizes(uneven)).containsExactly(6L, 3L, 3L, 2L);
        assertThat(uneven.isMirrored()).isFalse();
        // The more of them a row gathers, the wider it begins.
        double wide = uneven.rowsOf(Section.BACK).get(0).path().start().x()
                - uneven.rowsOf(Section.BACK).get(1).path().start().x();
        double narrow = uneven.rowsOf(Section.BACK).get(2).path().start().x()
                - uneven.rowsOf(Section.BACK).get(3).path().start().x();
        assertThat(Math.abs(wide)).isGreaterThan(1.3 * Math.abs(narrow));
    }

    @Test
    void aRowBehindMayBeginOnItsOwn() {
        Foundation f = lay(FoundationBrief.of(14, 5, 12).joining(List.of(4, 3, 0, 3, 4)));
        assertThat(sizes(f)).containsExactly(4L, 3L, 0L, 3L, 4L);
        assertThat(f.rowsOf(Section.BACK).get(2).stripWidthMm()).isGreaterThan(5);
    }

    /** Asked for a number of rows that is not there any more they join as usual, and that is said. */
    @Test
    void whatDoesNotComeOutIsSaid() {
        Foundation f = lay(FoundationBrief.of(12, 4, 12).joining(List.of(5, 2, 2, 5)));
        assertThat(sizes(f)).containsExactly(3L, 3L, 3L, 3L);
        assertThat(f.lostEdits())
                .singleElement()
                .satisfies(l -> assertThat(l.index()).isEqualTo(LostEdit.NO_EDIT));
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 4, 5})
    void aRowBehindIsLeftOutAndTheOnesBesideItTakeItsScalp(int n) {
        Foundation f = lay(FoundationBrief.of(14, 5, 12).withEdits(List.of(new RowEdit.LeaveOut(behind(n)))));
        assertThat(f.rowsOf(Section.BACK)).hasSize(4);
        assertThat(sizes(f).stream().mapToLong(k -> k).sum()).isEqualTo(14);
        assertThat(f.lostEdits()).isEmpty();
    }

    @Test
    void rowsBehindAreTakenTogetherAndParted() {
        Foundation joined = lay(FoundationBrief.of(14, 5, 12).withEdits(List.of(new RowEdit.JoinNext(behind(2)))));
        assertThat(sizes(joined)).containsExactly(3L, 5L, 3L, 3L);
        Foundation parted = lay(FoundationBrief.of(14, 5, 12).withEdits(List.of(new RowEdit.Split(behind(1)))));
        assertThat(sizes(parted)).containsExactly(2L, 1L, 3L, 2L, 3L, 3L);
        // One that goes on from a single row cannot be parted; the last one has no next.
        Foundation not = lay(FoundationBrief.of(8, 8, 12)
                .withEdits(List.of(new RowEdit.Split(behind(3)), new RowEdit.JoinNext(behind(8)))));
        assertThat(not.lostEdits()).hasSize(2);
    }

    /** Changes of other kinds are named as rows are numbered once some were left out. */
    @Test
    void otherChangesGoOnAfterwards() {
        Foundation f = lay(FoundationBrief.of(14, 5, 12)
                .withEdits(List.of(new RowEdit.LeaveOut(behind(1)), new RowEdit.Reverse(behind(4)))));
        Row last = f.rowsOf(Section.BACK).get(3);
        assertThat(last.path().end().z()).isGreaterThan(last.path().start().z());
        assertThat(f.lostEdits()).isEmpty();
    }

    @Test
    void levelRowsCannotBeLeftOut() {
        Foundation f = lay(FoundationBrief.of(14, new Back.Switchback(4, true, Back.FrontTails.THREADED), 12)
                .withEdits(List.of(new RowEdit.LeaveOut(new RowId(Section.LEVEL, 2)))));
        assertThat(f.rowsOf(Section.LEVEL)).hasSize(4);
        assertThat(f.lostEdits())
                .singleElement()
                .satisfies(l -> assertThat(l.reason()).contains("together with the next"));
    }

    /** However groups are left out, taken together or parted, no front row is lost. */
    @Test
    void groupsKeepAllRows() {
        int[] sizes = {3, 1, 0, 4};
        for (int i = 0; i < sizes.length; i++) {
            assertThat(Arrays.stream(JoinGroups.without(sizes, i)).sum()).isEqualTo(8);
            assertThat(JoinGroups.apart(sizes, i))
                    .hasSize(5)
                    .satisfies(a -> assertThat(IntStream.of(a).sum()).isEqualTo(8));
        }
        assertThat(JoinGroups.together(sizes, 0)).containsExactly(4, 0, 4);
        assertThat(JoinGroups.together(sizes, 1)).containsExactly(3, 1, 4);
        assertThat(JoinGroups.together(sizes, 2)).containsExactly(3, 1, 4);
    }

    /** A cap may begin at the hairline: then nothing is hooked to a row, and no part can be shown; on combs nothing is sewn. */
    @Test
    void aCapMayCoverTheFrontToo() {
        FoundationBrief over = FoundationBrief.of(14, new Back.Capped(5, 20, false, false, true, true), 12);
        Foundation f = lay(over);
        Each.of(f.rows()).allMatch(r -> r.use() == RowUse.UNDER_CAP);
        assertThat(Scalp.areaMm2(f.cap().orElseThrow().area()))
                .isCloseTo(f.braidedMm2(), within(0.02 * f.braidedMm2()));
        Foundation behind = lay(FoundationBrief.of(14, new Back.Capped(5, 20, false, false), 12));
        Each.of(behind.rowsOf(Section.FRONT)).allMatch(r -> r.use() == RowUse.HOOKED);
        assertThatExceptionOfType(FoundationException.class)
                .isThrownBy(() -> lay(over.withParts(List.of(WearingPart.straight(0)), FlankSchool.FINE_ROWS)))
                .withMessageContaining("covers every part");
    }
}
