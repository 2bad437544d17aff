package gyrotaxis.core.scalp;

import gyrotaxis.core.quantity.Require;
import java.util.List;

/**
 * All that was taken down of one head on one day.
 *
 * @param measures what the tape said
 * @param hairline how the hairline differs from the usual
 * @param regions what was drawn on the scalp, at most {@value #MAX_REGIONS}
 */
public record HeadRecord(HeadMeasures measures, HairlineShape hairline, List<Region> regions) {
    public static final int MAX_REGIONS = 24;

    public HeadRecord {
        regions = List.copyOf(regions);
        Require.inRange(regions.size(), 0, MAX_REGIONS, "regions", "");
    }

    /** A head of which only the tape measures are known. */
    public static HeadRecord of(HeadMeasures measures) {
        return new HeadRecord(measures, HairlineShape.usual(), List.of());
    }

    /** The same with other measures. */
    public HeadRecord withMeasures(HeadMeasures other) {
        return new HeadRecord(other, hairline, regions);
    }

    /** The same with another hairline. */
    public HeadRecord withHairline(HairlineShape other) {
        return new HeadRecord(measures, other, regions);
    }

    /** The same with other regions. */
    public HeadRecord withRegions(List<Region> other) {
        return new HeadRecord(measures, hairline, other);
    }
}
