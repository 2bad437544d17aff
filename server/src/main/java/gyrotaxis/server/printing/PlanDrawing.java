package gyrotaxis.server.printing;

import gyrotaxis.core.foundation.Row;
import gyrotaxis.core.geometry.OrthographicView;
import gyrotaxis.core.geometry.SuperEllipsoid;
import gyrotaxis.core.geometry.Vec2;
import gyrotaxis.core.geometry.Vec3;
import gyrotaxis.core.install.Station;
import gyrotaxis.core.plan.InstallPlan;
import gyrotaxis.server.paper.Papers;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;

/**
 * A plan as a drawing in millimetres: the map, or the head from a side. Printed at 100 % it is as large as the head; on the map areas are
 * true, in a view what is turned away is shortened as the eye sees it.
 */
@Component
class PlanDrawing {
    private static final int RIM_POINTS = 180;

    /** Round the drawing there is room for its title and its scale, mm. */
    private static final double MARGIN_MM = 10;

    private static final double HEAD_MM = 14;
    private static final double FOOT_MM = 16;

    /** A whole loop, mm across; the area is the share. */
    private static final double DOT_MM = 4;

    private final Papers papers;

    PlanDrawing(Papers papers) {
        this.papers = papers;
    }

    /** From where it is drawn. */
    enum Sight {
        MAP("the map, the face above"),
        FRONT("from the front"),
        BACK("from behind"),
        TOP("from above"),
        LEFT("her left"),
        RIGHT("her right");

        private final String words;

        Sight(String words) {
            this.words = words;
        }

        String words() {
            return words;
        }
    }

    /** A row, as it is drawn. @param widthMm of the plait */
    record Plait(String name, String path, String widthMm) {}

    /** A share. */
    record Dot(String x, String y, String r) {}

    /** Everything in one way of looking, mm, y up. */
    private record Seen(
            List<Vec2> rim,
            List<List<Vec2>> hairline,
            Map<Row, List<List<Vec2>>> rows,
            List<List<Vec2>> parts,
            Map<Station, Vec2> stations) {}

    /** @param title whose, and which plan */
    String svg(String title, InstallPlan plan, Sight sight) {
        Seen seen = sight == Sight.MAP ? map(plan) : view(plan, OrthographicView.valueOf(sight.name()));
        double left = seen.rim().stream().mapToDouble(Vec2::x).min().orElse(0) - MARGIN_MM;
        double right = seen.rim().stream().mapToDouble(Vec2::x).max().orElse(0) + MARGIN_MM;
        double low = seen.rim().stream().mapToDouble(Vec2::y).min().orElse(0) - FOOT_MM;
        double high = seen.rim().stream().mapToDouble(Vec2::y).max().orElse(0) + HEAD_MM;
        List<Plait> plaits = new ArrayList<>();
        seen.rows()
                .forEach((row, pieces) -> pieces.forEach(p ->
                        plaits.add(new Plait(row.id().toString(), open(p), mm(Math.max(1, row.braidWidthMm() / 2))))));
        Map<String, Object> values = new HashMap<>();
        values.put("title", title + ", " + plan.brief().pronoun().said(sight.words()));
        values.put("width", mm(right - left));
        values.put("height", mm(high - low));
        values.put("box", mm(left) + " " + mm(-high) + " " + mm(right - left) + " " + mm(high - low));
        values.put("rim", open(seen.rim()) + "Z");
        values.put("hairline", seen.hairline().stream().map(PlanDrawing::open).toList());
        values.put("plaits", plaits);
        values.put("parts", seen.parts().stream().map(PlanDrawing::open).toList());
        values.put(
                "dots",
                seen.stations().entrySet().stream()
                        .map(e -> new Dot(
                                mm(e.getValue().x()),
                                mm(-e.getValue().y()),
                                mm(DOT_MM / 2 * Math.sqrt(e.getKey().share().ofLoop()))))
                        .toList());
        values.put("x", mm(left + MARGIN_MM));
        values.put("top", mm(-high + MARGIN_MM / 2 + 2));
        values.put("bar", mm(-low - MARGIN_MM / 2));
        return papers.svg("drawing", values);
    }

    private static Seen map(InstallPlan plan) {
        return new Seen(
                plan.scalp().outline().chart(),
                List.of(),
                plan.foundation().rows().stream()
                        .collect(Collectors.toMap(
                                r -> r, r -> List.of(r.path().chart()), (a, b) -> a, LinkedHashMap::new)),
                plan.foundation().parts().stream().map(p -> p.path().chart()).toList(),
                plan.stations().stream()
                        .collect(Collectors.toMap(s -> s, Station::chart, (a, b) -> a, LinkedHashMap::new)));
    }

    private static Seen view(InstallPlan plan, OrthographicView from) {
        SuperEllipsoid s = plan.scalp().surface();
        List<Vec3> hairline = plan.scalp().outline().space();
        return new Seen(
                from.outline(s, RIM_POINTS),
                from.visible(
                        s,
                        Stream.concat(hairline.stream(), hairline.stream().limit(1))
                                .toList()),
                plan.foundation().rows().stream()
                        .collect(Collectors.toMap(
                                r -> r, r -> from.visible(s, r.path().space()), (a, b) -> a, LinkedHashMap::new)),
                plan.foundation().parts().stream()
                        .flatMap(p -> from.visible(s, p.path().space()).stream())
                        .toList(),
                plan.stations().stream()
                        .filter(t -> from.sees(s, t.space()))
                        .collect(Collectors.toMap(
                                t -> t, t -> from.project(t.space()), (a, b) -> a, LinkedHashMap::new)));
    }

    private static String open(List<Vec2> points) {
        return points.stream().map(p -> mm(p.x()) + " " + mm(-p.y())).collect(Collectors.joining("L", "M", ""));
    }

    private static String mm(double v) {
        return String.format(Locale.ROOT, "%.2f", v);
    }
}
