package gyrotaxis.core.hooking;

import gyrotaxis.core.foundation.Cap;
import gyrotaxis.core.foundation.Cap.Mesh;
import gyrotaxis.core.foundation.Foundation;
import gyrotaxis.core.foundation.Row;
import gyrotaxis.core.geometry.Path;
import gyrotaxis.core.geometry.Polygons;
import gyrotaxis.core.geometry.Vec2;
import gyrotaxis.core.geometry.Vec3;
import gyrotaxis.core.hair.Share;
import gyrotaxis.core.install.HookingBrief;
import gyrotaxis.core.install.HookingPlan;
import gyrotaxis.core.install.Role;
import gyrotaxis.core.install.Station;
import gyrotaxis.core.install.Zone;
import gyrotaxis.core.install.ZoneSetting;
import gyrotaxis.core.row.RowUse;
import gyrotaxis.core.row.Section;
import gyrotaxis.core.scalp.Region;
import gyrotaxis.core.scalp.RegionKind;
import gyrotaxis.core.scalp.Scalp;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** How far apart shares are hooked, place by place along a row. */
final class Spacing {
    /**
     * So much more widely than on rows, no unit: a cap is hooked off its edge, and less of its hair leaves the head at once. Measured
     * in the model: at the spacing of rows a head with a cap over its back came out 1.11 to 1.21 as full, with every texture.
     */
    private static final double CAP_WIDER = 1.25;

    /** Beside a part shares almost touch: spacing there against that of the front. */
    private static final double PART_OF_FRONT = 0.45;

    /** So much wider than usual, shares are halved. ASSUMPTION: where one share would have to cover for two. */
    private static final double WIDE = 1.6;

    /** So much closer than usual, they are doubled. ASSUMPTION: the same the other way. */
    private static final double CLOSE = 0.6;

    /** Shares that its ends cannot take sit no closer on the rest of a row than so. ASSUMPTION. */
    private static final double CLOSEST = 1.5;

    /** Thin and tender places are hooked so much more widely. ASSUMPTION. */
    private static final double SPARED = 1.4;

    private final Scalp scalp;
    private final Foundation foundation;
    private final HookingPlan hooking;
    private final HookingBrief brief;
    private final Flanks flanks;
    private final List<List<Vec2>> spared;
    private final double edgeMm;
    private final boolean goesUp;
    private final boolean goesInWhole;

    Spacing(
            Scalp scalp,
            Foundation foundation,
            HookingPlan hooking,
            HookingBrief brief,
            List<Region> regions,
            double edgeMm,
            boolean goesUp,
            boolean goesInWhole) {
        this.scalp = scalp;
        this.foundation = foundation;
        this.hooking = hooking;
        this.brief = brief;
        this.flanks = new Flanks(foundation.parts());
        this.spared = regions.stream()
                .filter(r -> r.kind() == RegionKind.THIN || r.kind() == RegionKind.TENDER)
                .map(scalp::chartOf)
                .toList();
        this.edgeMm = edgeMm;
        this.goesUp = goesUp;
        this.goesInWhole = goesInWhole;
    }

    /**
     * How one row is hooked along its path.
     *
     * @param stations up to each point of the path, if they were not whole: ∫ ds / spacing
     * @param shares what a share there usually is, by the point that the step ends at
     */
    record Along(double[] stations, List<Share> shares) {
        double total() {
            return stations[stations.length - 1];
        }
    }

    private record Local(double mm, Share share) {}

    /**
     * How a row is hooked. As much as its strip wants, but nothing within the edge, and where it joins another not on its last
     * half spacing, or the last whole one if it joins together with others: what that leaves out sits a little closer on the rest.
     */
    Along along(Row row) {
        Path path = row.path();
        double[] at = path.distancesMm();
        double[] strips = Strips.widthsMm(row);
        double whole = at[at.length - 1];
        // What lies under a cap is covered by that.
        double end = row.use() == RowUse.HOOKED
                ? foundation.cap().map(c -> c.openMm(row)).orElse(whole)
                : whole;
        boolean isFromEdge = row.id().startsInFront();
        double from = isFromEdge ? Math.min(edgeMm, end / 2) : 0;
        double last = hooking.usualSpacingMm(scalp.frontToNape(path.space().get(at.length - 1)));
        double to = Math.max(
                (from + end) / 2,
                end
                        - (row.joins().isEmpty() || end < whole
                                ? StationPlacer.EDGE_MM
                                : last * (joinsAlone(row) ? 0.5 : 1)));
        double[] n = new double[at.length];
        double wanted = 0;
        List<Share> shares = new ArrayList<>(at.length);
        for (int i = 1; i < at.length; i++) {
            double step = Math.max(0, Math.min(at[i], to) - Math.max(at[i - 1], from));
            Vec3 middle = path.space().get(i - 1).lerp(path.space().get(i), 0.5);
            Vec2 flat = path.chart().get(i - 1).lerp(path.chart().get(i), 0.5);
            double strip = (strips[i - 1] + strips[i]) / 2 - onMeshMm(row, flat, middle);
            Local local = local(row, flat, scalp.frontToNape(middle), Math.max(Strips.MIN_MM, strip));
            n[i] = n[i - 1] + step / local.mm;
            wanted += (Math.min(at[i], end) - Math.min(at[i - 1], end)) / local.mm;
            if (i == 1) {
                shares.add(local.share);
            }
            shares.add(local.share);
        }
        double placed = n[n.length - 1];
        if (isFromEdge) {
            // Its first share is a small one, whatever the others are: what that lacks goes to the others.
            Share first = shares.get(0);
            wanted += 1
                    - Roles.share(brief.method().shares(), Role.HAIRLINE, first, goesInWhole)
                                    .ofLoop()
                            / first.ofLoop();
        }
        if (placed > 0) {
            double scale = Math.min(CLOSEST, wanted / placed);
            for (int i = 0; i < n.length; i++) {
                n[i] *= scale;
            }
        }
        return new Along(n, shares);
    }

    /** What mesh between rows takes over of the strip of one of them. */
    private double onMeshMm(Row row, Vec2 at, Vec3 space) {
        return foundation.mesh().stream()
                .mapToDouble(m -> m.takesMm(row.id(), at, space))
                .sum();
    }

    private Local local(Row row, Vec2 at, double frontToNape, double strip) {
        Zone zone = Zone.at(frontToNape);
        Share share = hooking.setting(zone).share();
        if (row.use() == RowUse.MESH) {
            Optional<Cap> cap = foundation.cap().filter(c -> row.id().section() == Section.CAP);
            // A piece of mesh over a gap is of the fine kind.
            Mesh mesh = cap.map(Cap::mesh).orElse(Mesh.FINE);
            double wider = cap.isPresent() ? CAP_WIDER : 1;
            return onMesh(mesh, zone, share, wider * hooking.spacingMm(frontToNape, strip));
        }
        Local usual = tied(zone, share, hooking.spacingMm(frontToNape, strip) / hooking.usualSpacingMm(frontToNape));
        double mm = usual.mm * hooking.usualSpacingMm(frontToNape);
        int part = flanks.beside(row.id(), at);
        if (part != Station.NO_PART) {
            return new Local(
                    Math.max(
                            ZoneSetting.SPACING_MM.min(),
                            Math.min(mm, hooking.setting(Zone.FRONT).spacingMm() * PART_OF_FRONT)
                                    / brief.closerBeside(part)),
                    usual.share);
        }
        // Where hair is drawn up nothing falls over the perimeter from above: all along it is as much an edge as the
        // front.
        double close = goesUp && row.id().section() == Section.PERIMETER
                ? Math.min(mm, hooking.setting(Zone.FRONT).spacingMm())
                : mm;
        boolean isSpared = spared.stream().anyMatch(rim -> Polygons.contains(rim, at));
        return new Local(isSpared ? close * SPARED : close, usual.share);
    }

    /**
     * Spacing and share go together: on narrow strips, where shares would sit far apart, they are halved and sit half as far; on
     * wide ones doubled. A share that was wished for stays.
     *
     * @param spacing against the usual one
     */
    private Local tied(Zone zone, Share share, double spacing) {
        if (brief.wish(zone).share().isEmpty() && !goesInWhole) {
            if (spacing > WIDE && share.parts() * 2 <= Share.MAX_PARTS) {
                return new Local(spacing / 2, new Share(share.parts() * 2));
            }
            if (spacing < CLOSE && share.parts() % 2 == 0) {
                return new Local(spacing * 2, new Share(share.parts() / 2));
            }
        }
        return new Local(spacing, share);
    }

    /**
     * On mesh the spacing is given by its holes, so the share follows: as large as gives its area the hair that is wished for, nearest
     * to the mesh's own spacing, and no larger than goes through; what that is off, the spacing makes up for.
     */
    private Local onMesh(Mesh mesh, Zone zone, Share share, double spacing) {
        double usual = mesh.apartMm();
        double mm = spacing;
        int parts = share.parts();
        if (brief.wish(zone).share().isEmpty() && !goesInWhole) {
            while (parts % 2 == 0 && parts / 2 >= mesh.leastParts() && mm * 2 / usual < usual / mm) {
                mm *= 2;
                parts /= 2;
            }
            while (parts * 2 <= Share.MAX_PARTS && (parts < mesh.leastParts() || mm / usual > usual / (mm / 2))) {
                mm /= 2;
                parts *= 2;
            }
        }
        return new Local(mm, new Share(parts));
    }

    private boolean joinsAlone(Row row) {
        return foundation.rows().stream()
                        .filter(r -> r.joins().equals(row.joins()))
                        .count()
                == 1;
    }
}
