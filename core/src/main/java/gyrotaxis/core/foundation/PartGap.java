package gyrotaxis.core.foundation;

import gyrotaxis.core.geometry.Path;
import gyrotaxis.core.quantity.Require;
import gyrotaxis.core.row.RowId;
import java.util.List;
import java.util.Optional;

/**
 * The scalp between two neighbouring front rows: a candidate for a part.
 *
 * @param left the row on the client's left of it
 * @param right the row on her right
 * @param openMm how far a part can run in it before the rows meet or end, mm
 * @param channel how wide it is along the open length over the front, from the hairline back; at least one width
 * @param path its middle, from the hairline back over the open length
 * @param behind the rows between which it runs on behind the section line, if it does
 */
public record PartGap(RowId left, RowId right, double openMm, List<Width> channel, Path path, Optional<Behind> behind) {
    /**
     * Clear scalp between the plaits at one place.
     *
     * @param atMm how far back from the start, mm
     * @param clearMm how wide, mm; 0 if the plaits touch
     */
    public record Width(double atMm, double clearMm) {}

    /**
     * How a gap runs on.
     *
     * @param left the row on the client's left of it
     * @param right the row on her right
     * @param lengthMm how far they run side by side, mm
     */
    public record Behind(RowId left, RowId right, double lengthMm) {}

    public PartGap {
        channel = Require.notEmpty(List.copyOf(channel), "channel");
    }

    /** Clear scalp where the channel is narrowest, mm. */
    public double narrowestMm() {
        return channel.stream().mapToDouble(Width::clearMm).min().orElseThrow();
    }

    /** Clear scalp on average, mm. */
    public double meanMm() {
        return channel.stream().mapToDouble(Width::clearMm).average().orElseThrow();
    }

    /** How far a part can run in it in all, front and behind, if no tail crosses it, mm. */
    public double wholeMm() {
        return openMm + behind.map(Behind::lengthMm).orElse(0.0);
    }
}
