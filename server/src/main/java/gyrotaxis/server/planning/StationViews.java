package gyrotaxis.server.planning;

import static gyrotaxis.server.planning.Flat.hundredth;
import static gyrotaxis.server.planning.Flat.tenth;

import gyrotaxis.core.foundation.Row;
import gyrotaxis.core.geometry.Vec2;
import gyrotaxis.core.hair.Share;
import gyrotaxis.core.install.Bearing;
import gyrotaxis.core.install.Role;
import gyrotaxis.core.install.SeatedShare;
import gyrotaxis.core.install.Station;
import gyrotaxis.core.install.Zone;
import gyrotaxis.core.knot.ExtraHold;
import gyrotaxis.core.knot.Hold;
import gyrotaxis.core.knot.Tie;
import gyrotaxis.core.plan.InstallPlan;
import gyrotaxis.core.row.RowId;
import gyrotaxis.server.language.MethodBody;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * Writes stations down. There are many and a plan is written at every move of a handle, so what is alike for many is written
 * once.
 *
 * @param stations row by row
 * @param kinds what they are
 * @param shut hair that is drawn over gaps
 */
record StationViews(List<DrawnView.Station> stations, List<DrawnView.StationKind> kinds, List<DrawnView.Shut> shut) {
    /** To what part of its row's length a station's place is written. */
    private static final double AT = 10_000;

    private static final double ALL_PERCENT = 100;

    /** Stations that are alike in this are told alike. */
    private record Likeness(
            Zone zone,
            Role role,
            Share share,
            int strand,
            Tie tie,
            String bearing,
            Bearing.Rule rule,
            boolean contested) {
        static Likeness of(Station s) {
            return new Likeness(
                    s.zone(),
                    s.role(),
                    s.share(),
                    s.strand(),
                    s.tie(),
                    s.bearing().words(),
                    s.bearing().rule(),
                    s.bearing().isContested());
        }
    }

    static StationViews of(InstallPlan plan) {
        Map<RowId, Row> rows =
                plan.foundation().carriers().stream().collect(Collectors.toMap(Row::id, Function.identity()));
        Map<Likeness, Integer> places = new HashMap<>();
        List<DrawnView.StationKind> kinds = new ArrayList<>();
        List<DrawnView.Station> views = new ArrayList<>();
        for (int i = 0; i < plan.stations().size(); i++) {
            Station s = plan.stations().get(i);
            Station before = i == 0 ? null : plan.stations().get(i - 1);
            Double gap = before == null || !before.id().row().equals(s.id().row())
                    ? null
                    : s.alongRowMm() - before.alongRowMm();
            Row row = rows.get(s.id().row());
            double rowMm = row == null ? 1 : row.lengthMm();
            int kind = places.computeIfAbsent(Likeness.of(s), k -> {
                kinds.add(kind(plan, s));
                return kinds.size() - 1;
            });
            views.add(station(plan, s, kind, gap, rowMm));
        }
        return new StationViews(
                views,
                kinds,
                plan.stations().stream().flatMap(StationViews::shut).toList());
    }

    private static DrawnView.Station station(
            InstallPlan plan, Station s, int kind, @Nullable Double gapMm, double rowMm) {
        double seated = SeatedShare.widthMm(plan.hooked().hairOf(s), s.share());
        Vec2 toward = plan.scalp()
                .chart()
                .project(s.space().plus(s.bearing().entry()))
                .minus(s.chart());
        double far = toward.norm() > 0 ? toward.norm() : 1;
        return new DrawnView.Station(
                s.id().toString(),
                s.id().row().toString(),
                tenth(s.chart().x()),
                tenth(s.chart().y()),
                tenth(s.alongRowMm()),
                Math.rint(s.alongRowMm() / rowMm * AT) / AT,
                gapMm == null ? null : tenth(gapMm),
                gapMm == null ? null : tenth(Math.max(0, gapMm - seated)),
                kind,
                hundredth(toward.x() / far),
                hundredth(toward.y() / far),
                s.byHand());
    }

    private static Stream<DrawnView.Shut> shut(Station s) {
        Vec2 from = s.chart();
        return s
                .drawnTo()
                .map(to -> new DrawnView.Shut(tenth(from.x()), tenth(from.y()), tenth(to.x()), tenth(to.y())))
                .stream();
    }

    private static DrawnView.StationKind kind(InstallPlan plan, Station s) {
        return new DrawnView.StationKind(
                s.zone(),
                s.zone().words(),
                s.role(),
                s.role().words(),
                s.share().parts(),
                s.share().words(),
                s.strand(),
                plan.hooked().hairs().get(s.strand()).colour(),
                plan.hooked().blendOf(s).isPresent()
                        ? plan.hooked()
                                .hairs()
                                .get(plan.hooked().blendOf(s).getAsInt())
                                .colour()
                        : null,
                s.tie().knot(),
                s.tie().words(),
                s.tie().passes(),
                s.tie().knot().hasPasses(),
                (int) Math.round(s.tie().legPart() * ALL_PERCENT),
                s.tie().legWords(),
                s.tie().holds().stream().map(ExtraHold::words).toList(),
                s.bearing().words(),
                s.bearing().rule().words(),
                s.bearing().isContested(),
                s.role().decidedBy().stream().map(MethodBody::field).toList(),
                hold(plan.hooked().holdOf(s, plan.brief().demand())));
    }

    private static DrawnView.HoldView hold(Hold h) {
        return new DrawnView.HoldView(
                hundredth(h.score()),
                h.lasts(),
                h.factors().stream()
                        .map(f -> new DrawnView.HoldFactor(f.words(), hundredth(f.factor())))
                        .toList());
    }
}
