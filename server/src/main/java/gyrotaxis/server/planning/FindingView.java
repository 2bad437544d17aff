package gyrotaxis.server.planning;

import gyrotaxis.core.findings.Finding;
import gyrotaxis.core.findings.Severity;
import gyrotaxis.server.language.BriefBody;
import gyrotaxis.server.language.Change;
import gyrotaxis.server.shared.Piece;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;

/** Something to be said about a plan; {@code untried} tells how many more remedies there are that nobody had the time to try. */
public record FindingView(
        Finding.Code code,
        Severity severity,
        PlaceView place,
        List<Piece> reason,
        List<RemedyView> remedies,
        int untried) {

    /** Sorts of places. */
    enum PlaceKind {
        HEAD,
        MEASURE,
        ROW,
        PART,
        REGION,
        RIM,
        HAIR,
        ZONE,
        STATION
    }

    /**
     * Where it applies: {@code id} is the field of a measure, the name of a row, zone or station, the number of a part from
     * her left, the place of a region in the brief; null for the whole head, the rim and the hair.
     */
    public record PlaceView(
            PlaceKind kind,
            @Nullable @Schema(nullable = true) String id) {
        static PlaceView of(Finding.Place place) {
            if (place instanceof Finding.Place.Taken p) {
                return new PlaceView(PlaceKind.MEASURE, gyrotaxis.server.language.HeadBody.field(p.measure()));
            }
            if (place instanceof Finding.Place.OnRow p) {
                return new PlaceView(PlaceKind.ROW, p.row().toString());
            }
            if (place instanceof Finding.Place.AtPart p) {
                return new PlaceView(PlaceKind.PART, String.valueOf(p.number()));
            }
            if (place instanceof Finding.Place.InRegion p) {
                return new PlaceView(PlaceKind.REGION, String.valueOf(p.index()));
            }
            if (place instanceof Finding.Place.InZone p) {
                return new PlaceView(PlaceKind.ZONE, p.zone().name());
            }
            if (place instanceof Finding.Place.AtStation p) {
                return new PlaceView(PlaceKind.STATION, p.station().toString());
            }
            PlaceKind kind = place instanceof Finding.Place.Rim
                    ? PlaceKind.RIM
                    : place instanceof Finding.Place.Hair ? PlaceKind.HAIR : PlaceKind.HEAD;
            return new PlaceView(kind, null);
        }
    }

    /** A change that mends a finding: what of the brief becomes otherwise, see {@link Change}, and what is left of it. */
    public record RemedyView(
            List<Piece> words,
            @Schema(implementation = Object.class) JsonNode change,
            @Nullable @Schema(nullable = true) List<Piece> left) {}

    static List<FindingView> of(List<Finding> findings, BriefBody asked, Change.Writer changes) {
        return findings.stream()
                .map(f -> new FindingView(
                        f.code(),
                        f.severity(),
                        PlaceView.of(f.place()),
                        Piece.of(f.reason()),
                        f.remedies().stream()
                                .map(r -> new RemedyView(
                                        Piece.of(r.words()),
                                        changes.to(asked.changedTo(r.brief())),
                                        r.left().map(Piece::of).orElse(null)))
                                .toList(),
                        f.untried()))
                .toList();
    }
}
