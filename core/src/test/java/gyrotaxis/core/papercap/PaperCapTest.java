package gyrotaxis.core.papercap;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import gyrotaxis.core.foundation.FlankSchool;
import gyrotaxis.core.foundation.Foundation;
import gyrotaxis.core.foundation.FoundationBrief;
import gyrotaxis.core.foundation.WearingPart;
import gyrotaxis.core.geometry.Polygons;
import gyrotaxis.core.geometry.Vec2;
import gyrotaxis.core.hair.Texture;
import gyrotaxis.core.hooking.HookedHeads;
import gyrotaxis.core.install.HookingBrief;
import gyrotaxis.core.install.Station;
import gyrotaxis.core.knot.Demand;
import gyrotaxis.core.laying.RowLayout;
import gyrotaxis.core.ownhair.OwnHair;
import gyrotaxis.core.papercap.PaperCap.Drawn;
import gyrotaxis.core.papercap.PaperCap.Line;
import gyrotaxis.core.papercap.PaperCap.Piece;
import gyrotaxis.core.scalp.HeadFitter;
import gyrotaxis.core.scalp.HeadMeasures;
import gyrotaxis.core.scalp.Scalp;
import gyrotaxis.testing.Each;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** What stands on the pieces, and how they lie on sheets. */
class PaperCapTest {
    private static final Scalp SCALP = HookedHeads.MEDIUM;
    private static final Foundation ROWS = RowLayout.lay(
            SCALP,
            FoundationBrief.of(14, 5, 12).withParts(List.of(WearingPart.straight(-20)), FlankSchool.FINE_ROWS),
            OwnHair.ordinary());
    private static final List<Station> STATIONS = HookedHeads.hook(
                    ROWS, Texture.DEEP_WAVE, HookingBrief.usual(), Demand.ordinary())
            .stations();
    private static final PaperCap CAP = PaperCap.of(SCALP, ROWS, STATIONS, Gores.USUAL);

    private static double length(List<Vec2> line) {
        double sum = 0;
        for (int i = 1; i < line.size(); i++) {
            sum += line.get(i).distance(line.get(i - 1));
        }
        return sum;
    }

    private static double drawn(Line kind) {
        return CAP.gores().stream()
                .flatMap(g -> g.lines().stream())
                .filter(d -> d.line() == kind)
                .mapToDouble(d -> length(d.points()))
                .sum();
    }

    @Test
    void everyRowPartAndStationIsOnSomePieceAsLongAsOnTheHead() {
        double rows = ROWS.rows().stream().mapToDouble(r -> r.lengthMm()).sum();
        assertThat(drawn(Line.ROW)).isCloseTo(rows, within(0.015 * rows));
        double part = ROWS.parts().get(0).path().lengthMm();
        assertThat(drawn(Line.PART)).isCloseTo(part, within(0.03 * part));
        assertThat(CAP.gores().stream().mapToInt(g -> g.stations().size()).sum())
                .isEqualTo(STATIONS.size());
    }

    @Test
    void stationsLieWithinTheirPieceAndOnTheirRows() {
        for (Piece piece : CAP.gores()) {
            List<Drawn> rows =
                    piece.lines().stream().filter(d -> d.line() == Line.ROW).toList();
            for (Vec2 at : piece.stations()) {
                assertThat(Polygons.contains(piece.rim(), at)).isTrue();
                double near = rows.stream()
                        .flatMap(d -> d.points().stream())
                        .mapToDouble(p -> p.distance(at))
                        .min()
                        .orElse(Double.MAX_VALUE);
                // Points of a row come every 2 mm.
                assertThat(near).isLessThan(1.6);
            }
        }
    }

    /** Each bit ends at a seam, or where its line does, so that on the neighbour it goes on. */
    @Test
    void linesGoOnAcrossSeams() {
        int ends = 0;
        for (Piece piece : CAP.gores()) {
            for (Drawn d : piece.lines()) {
                for (Vec2 end :
                        List.of(d.points().get(0), d.points().get(d.points().size() - 1))) {
                    double seam = Double.MAX_VALUE;
                    for (int i = 1; i < piece.rim().size(); i++) {
                        seam = Math.min(seam, piece.rim().get(i).distance(end));
                    }
                    ends += seam < 4 ? 1 : 0;
                }
            }
        }
        assertThat(ends).isGreaterThan(60);
    }

    @Test
    void marksOfNeighboursMeet() {
        for (int k = 0; k < CAP.gores().size(); k++) {
            Piece piece = CAP.gores().get(k);
            double rims = piece.seamMm().get(0);
            assertThat(piece.marks()).hasSizeBetween(8, 22);
            assertThat(piece.seamMm().get(1))
                    .isEqualTo(CAP.gores()
                            .get((k + 1) % CAP.gores().size())
                            .seamMm()
                            .get(0));
            // The first mark of the left seam lies two centimetres from the tip.
            assertThat(piece.marks().get(0).get(0).norm()).isCloseTo(PaperCap.MARK_MM, within(1.1));
            assertThat(rims).isGreaterThan(90);
        }
    }

    @ParameterizedTest
    @EnumSource(PaperSize.class)
    void piecesLieApartWithinTheMargins(PaperSize size) {
        PaperSheets sheets = PaperSheets.of(CAP, size);
        assertThat(sheets.sheets().stream().mapToInt(List::size).sum()).isEqualTo(Gores.USUAL);
        assertThat(sheets.sheets()).hasSizeBetween(3, 6);
        for (List<PaperSheets.Laid> sheet : sheets.sheets()) {
            List<List<Vec2>> rims = new ArrayList<>();
            for (PaperSheets.Laid laid : sheet) {
                List<Vec2> rim = laid.piece().rim().stream().map(laid::onSheet).toList();
                Each.of(rim).allSatisfy(p -> {
                    assertThat(p.x()).isBetween(PaperSheets.MARGIN_MM - 1e-6, size.widthMm() - PaperSheets.MARGIN_MM);
                    assertThat(p.y())
                            .isBetween(
                                    PaperSheets.MARGIN_MM + PaperSheets.HEAD_MM - 1e-6,
                                    size.heightMm() - PaperSheets.MARGIN_MM + 1e-6);
                });
                for (List<Vec2> other : rims) {
                    Each.of(rim)
                            .allSatisfy(p -> Each.of(other)
                                    .allSatisfy(q -> assertThat(p.distance(q)).isGreaterThan(1.5)));
                }
                rims.add(rim);
            }
        }
    }

    @Test
    void whatIsTooLongForASheetIsRefused() {
        Scalp large = Scalp.of(HeadFitter.fit(HeadMeasures.of(630, 410, 375)));
        Foundation rows = RowLayout.lay(large, FoundationBrief.of(14, 5, 12), OwnHair.ordinary());
        PaperCap cap = PaperCap.of(large, rows, List.of(), Gores.USUAL);
        assertThat(cap.longMm()).isGreaterThan(PaperSheets.longestMm(PaperSize.LETTER));
        assertThatThrownBy(() -> PaperSheets.of(cap, PaperSize.LETTER)).hasMessageContaining("length of a piece");
        assertThat(PaperSheets.of(cap, PaperSize.A4).sheets()).hasSizeBetween(4, 6);
    }

    @Test
    void whatItGivesIsSaid() {
        assertThat(CAP.strainWords().toString())
                .contains("as long as on the head")
                .contains("%");
    }
}
