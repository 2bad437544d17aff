package gyrotaxis.core.wear;

import gyrotaxis.core.geometry.Vec2;
import gyrotaxis.core.install.Zone;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.Deque;
import java.util.List;

/** Finds cells that show and hang together, as places with a name. */
final class GapFinder {
    /** A gap is plainly bare, and at least so large. ASSUMPTION: a thumbnail. */
    private static final double MIN_MM2 = 150;

    /** No more are named. */
    private static final int MAX = 8;

    private final CoverGrid grid;
    private final Cover cover;
    private final boolean[] isSeen;

    private GapFinder(CoverGrid grid, Cover cover) {
        this.grid = grid;
        this.cover = cover;
        this.isSeen = new boolean[grid.size()];
    }

    static List<Cover.Gap> find(CoverGrid grid, Cover cover) {
        GapFinder f = new GapFinder(grid, cover);
        List<List<Integer>> places = new ArrayList<>();
        for (int i = 0; i < grid.size(); i++) {
            if (f.shows(i)) {
                List<Integer> place = f.spreadFrom(i);
                if (place.size() * grid.cellMm() * grid.cellMm() >= MIN_MM2) {
                    places.add(place);
                }
            }
        }
        places.sort(Comparator.comparingInt((List<Integer> p) -> p.size()).reversed());
        return places.stream().limit(MAX).map(f::named).toList();
    }

    private boolean shows(int i) {
        return !isSeen[i] && cover.isPlainlyBare(i);
    }

    private List<Integer> spreadFrom(int first) {
        List<Integer> place = new ArrayList<>();
        Deque<Integer> open = new ArrayDeque<>(List.of(first));
        isSeen[first] = true;
        while (!open.isEmpty()) {
            int i = open.pop();
            place.add(i);
            int column = i % grid.columns();
            for (int next : new int[] {
                column > 0 ? i - 1 : i,
                column < grid.columns() - 1 ? i + 1 : i,
                Math.max(0, i - grid.columns()),
                Math.min(grid.size() - 1, i + grid.columns())
            }) {
                if (shows(next)) {
                    isSeen[next] = true;
                    open.push(next);
                }
            }
        }
        return place;
    }

    /** The middle of a gap, or, where it runs round that, the cell of it that lies nearest. */
    private Vec2 within(List<Integer> place, Vec2 middle) {
        return place.contains(grid.cellAt(middle))
                ? middle
                : place.stream()
                        .map(grid::middle)
                        .min(Comparator.comparingDouble(middle::distance))
                        .orElse(middle);
    }

    private Cover.Gap named(List<Integer> place) {
        double x = 0;
        double y = 0;
        double exposed = 0;
        int[] zones = new int[Zone.values().length];
        for (int i : place) {
            Vec2 p = grid.middle(i);
            x += p.x() / place.size();
            y += p.y() / place.size();
            exposed += cover.exposedAt(i) / place.size();
            zones[grid.zone(i)]++;
        }
        int most = 0;
        for (int z = 1; z < zones.length; z++) {
            most = zones[z] > zones[most] ? z : most;
        }
        Vec2 middle = within(place, new Vec2(x, y));
        return new Cover.Gap(
                grid.scalp().placeWords(grid.scalp().chart().lift(middle)),
                place.size() * grid.cellMm() * grid.cellMm(),
                exposed,
                middle.x(),
                middle.y(),
                Zone.values()[most]);
    }
}
