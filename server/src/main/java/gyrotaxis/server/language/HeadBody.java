package gyrotaxis.server.language;

import gyrotaxis.core.scalp.HairlineShape;
import gyrotaxis.core.scalp.HeadMeasures;
import gyrotaxis.core.scalp.HeadRecord;
import gyrotaxis.core.scalp.Measure;
import gyrotaxis.core.scalp.Region;
import gyrotaxis.server.shared.Fields;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * A head as it is written down: tape measures, mm, of which the first three are needed and the others estimated where null;
 * hairline and regions where somebody took them down.
 */
public record HeadBody(
        @Nullable @Schema(nullable = true) Double roundMm,
        @Nullable @Schema(nullable = true) Double frontToNapeMm,
        @Nullable @Schema(nullable = true) Double overTopMm,
        @Nullable @Schema(nullable = true) Double alongFrontMm,
        @Nullable @Schema(nullable = true) Double roundBackMm,
        @Nullable @Schema(nullable = true) Double napeWidthMm,
        @Nullable @Schema(nullable = true) HairlineBody hairline,
        @Nullable @Schema(nullable = true) List<RegionBody> regions) {

    /** The same with its places called by what they are. */
    HeadBody ofNobody() {
        return new HeadBody(
                roundMm,
                frontToNapeMm,
                overTopMm,
                alongFrontMm,
                roundBackMm,
                napeWidthMm,
                hairline,
                regions == null
                        ? null
                        : regions.stream().map(RegionBody::unnamed).toList());
    }

    /** The name of a measure's field in this body. */
    public static String field(Measure measure) {
        return switch (measure) {
            case ROUND -> "roundMm";
            case FRONT_TO_NAPE -> "frontToNapeMm";
            case OVER_TOP -> "overTopMm";
            case ALONG_FRONT -> "alongFrontMm";
            case ROUND_BACK -> "roundBackMm";
            case NAPE_WIDTH -> "napeWidthMm";
        };
    }

    /** What was written down for a head that a core record holds. */
    public static HeadBody of(HeadRecord head) {
        Map<Measure, Double> m = head.measures().byMeasure();
        return new HeadBody(
                m.get(Measure.ROUND),
                m.get(Measure.FRONT_TO_NAPE),
                m.get(Measure.OVER_TOP),
                m.get(Measure.ALONG_FRONT),
                m.get(Measure.ROUND_BACK),
                m.get(Measure.NAPE_WIDTH),
                HairlineBody.of(head.hairline()),
                head.regions().stream().map(RegionBody::of).toList());
    }

    /**
     * The head; after a problem, some stand-in.
     *
     * @param f gathers what is wrong
     * @param prefix path of this body in the request, with its dot
     */
    public HeadRecord check(Fields f, String prefix) {
        Map<Measure, Double> checked = new EnumMap<>(Measure.class);
        for (Measure m : Measure.values()) {
            Double mm = get(m);
            if (mm != null || m.isRequired()) {
                String words = m.words().substring(0, 1).toUpperCase(Locale.ROOT)
                        + m.words().substring(1);
                checked.put(m, f.lengthMm(prefix + field(m), words, mm, m.limitsMm()));
            }
        }
        HairlineShape shape = hairline == null ? HairlineShape.usual() : hairline.check(f, prefix + "hairline.");
        return new HeadRecord(new HeadMeasures(checked), shape, regions(f, prefix));
    }

    /** The same with whatever it does not say as usual. */
    public HeadBody completed() {
        return new HeadBody(
                roundMm,
                frontToNapeMm,
                overTopMm,
                alongFrontMm,
                roundBackMm,
                napeWidthMm,
                Fields.or(hairline, HairlineBody.of(HairlineShape.usual())),
                Fields.or(regions, List.of()));
    }

    /** Whether anything but the tape was taken down. */
    public boolean hasDrawing() {
        return hairline != null || regions != null;
    }

    private List<Region> regions(Fields f, String prefix) {
        List<RegionBody> given = regions == null ? List.of() : regions;
        if (given.size() > HeadRecord.MAX_REGIONS) {
            f.problem(prefix + "regions", "At most " + HeadRecord.MAX_REGIONS + " regions can be drawn on one head.");
            return List.of();
        }
        return IntStream.range(0, given.size())
                .mapToObj(i -> given.get(i).check(f, prefix + "regions[" + i + "]"))
                .toList();
    }

    private @Nullable Double get(Measure measure) {
        return switch (measure) {
            case ROUND -> roundMm;
            case FRONT_TO_NAPE -> frontToNapeMm;
            case OVER_TOP -> overTopMm;
            case ALONG_FRONT -> alongFrontMm;
            case ROUND_BACK -> roundBackMm;
            case NAPE_WIDTH -> napeWidthMm;
        };
    }
}
