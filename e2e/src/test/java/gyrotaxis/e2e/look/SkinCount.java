package gyrotaxis.e2e.look;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.RequestOptions;
import gyrotaxis.core.geometry.SuperEllipsoid;
import gyrotaxis.core.geometry.Vec2;
import gyrotaxis.core.geometry.Vec3;
import gyrotaxis.core.install.Zone;
import gyrotaxis.core.scalp.HeadFitter;
import gyrotaxis.core.scalp.HeadMeasures;
import gyrotaxis.core.scalp.Measure;
import gyrotaxis.core.scalp.Scalp;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import javax.imageio.ImageIO;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * Counts the skin that is seen from outside in the head in the round. Skin and plaits are drawn in one colour that nothing else has, the
 * picture is saved as anybody would save it, and every point of it is traced back to where on the scalp it lies.
 */
final class SkinCount {
    private static final JsonMapper JSON = new JsonMapper();

    /**
     * A side from which the head is looked at.
     *
     * @param lowered how often it is turned on from there by the arrow that brings the camera lower
     */
    private record Side(String name, int lowered) {}

    /** The nape is turned down: it is seen squarely only from below. Hair that hangs hides it from there, though it does not cover it. */
    private static final List<Side> SIDES = List.of(
            new Side("front", 0),
            new Side("her left", 0),
            new Side("her right", 0),
            new Side("back", 0),
            new Side("back", 3),
            new Side("top", 0),
            new Side("three-quarter", 0));

    /** So much each arrow turns it, rad. */
    private static final double TURN = Math.PI / 12;

    /** Skin is looked at that is turned to the camera within this. */
    private static final double TURNED = Math.cos(Math.toRadians(40));

    private static final int MARK = 0xff2bd6;

    private static final int DARK = 24;

    /** Each so manyth point of a picture is looked at, each way. */
    private static final int EACH = 2;

    /** Points of one cell, seen from one side, are turned to it alike but for this. */
    private static final double OF_ONE_VIEW = 0.05;

    private static final double STEP_MM = 20;

    /** How much of a cell of the map was looked at, and how much of that was skin; mm². */
    private static final class Looked {
        private final Zone zone;
        private double area;
        private double skin;

        Looked(Zone zone) {
            this.zone = zone;
        }

        void add(double mm2, boolean isSkin) {
            area += mm2;
            skin += isSkin ? mm2 : 0;
        }
    }

    /** Ways of wearing by what their keys say. */
    private static final Map<String, String> WAYS = new TreeMap<>(Map.of(
            "down",
            "DOWN",
            "half up",
            "HALF_UP",
            "high ponytail",
            "HIGH_PONYTAIL",
            "in the wind",
            "WIND",
            "swept to her right",
            "SWEPT_RIGHT"));

    /** The way of wearing in which no hair hangs; its tail is left away while skin is marked. */
    private static final String ALL_UP = "high ponytail";

    private SkinCount() {}

    /**
     * What of a zone shows in a way of wearing, in parts of it.
     *
     * @param drawn as it is counted in the pictures
     * @param computed as the cover says of the same cells
     * @param seen how much of the zone was looked at
     */
    record Told(String way, Zone zone, double drawn, double computed, double seen) {
        double apart() {
            return Math.abs(drawn - computed);
        }

        @Override
        public String toString() {
            return String.format(
                    "%s | %s | %.1f %% drawn, %.1f %% computed, %.0f %% of it seen",
                    way, zone, 100 * drawn, 100 * computed, 100 * seen);
        }
    }

    /** Counts a plan that is kept, in five ways of wearing and from all sides. */
    static List<Told> of(Page page, JsonNode plan) throws IOException {
        List<Told> told = new ArrayList<>();
        Scalp scalp = scalp(plan.path("brief").path("head"));
        page.navigate("/bench/" + plan.path("id").asString() + "/wear");
        page.getByTitle("The head in the round, with its hair").click();
        page.getByText("mark where skin shows").click();
        Map<Side, List<Place>> places = new HashMap<>();
        for (String way : WAYS.keySet()) {
            wear(page, way);
            JsonNode worn = worn(page, plan.path("brief"), WAYS.get(way));
            Map<Integer, Looked> cells = new HashMap<>();
            Map<Side, BufferedImage> images = new LinkedHashMap<>();
            for (Side side : SIDES) {
                if (side.lowered() > 0 && !way.equals(ALL_UP)) {
                    continue;
                }
                images.put(side, look(page, side, scalp, worn.path("grid"), places));
            }
            // Each cell is judged from where it is seen most squarely: hair stands off the head, and aslant it hides
            // what it does not cover.
            Map<Integer, Double> squarest = new HashMap<>();
            Map<Side, List<Place>> open = new HashMap<>();
            images.forEach((side, image) -> open.put(
                    side,
                    places.get(side).stream()
                            .filter(p -> !isBlocked(image.getRGB(p.x(), p.y())))
                            .toList()));
            open.values().forEach(all -> all.forEach(p -> squarest.merge(p.cell(), p.turned(), Math::max)));
            images.forEach((side, image) -> count(image, open.get(side), squarest, worn.path("grid"), cells));
            for (Zone zone : Zone.values()) {
                told.add(told(way, zone, cells, worn.path("grid"), scalp));
            }
        }
        return told;
    }

    /** Every cell counts alike, however often it was seen. */
    private static Told told(String way, Zone zone, Map<Integer, Looked> cells, JsonNode grid, Scalp scalp) {
        double drawn = 0;
        double computed = 0;
        int n = 0;
        for (Map.Entry<Integer, Looked> cell : cells.entrySet()) {
            Looked looked = cell.getValue();
            if (looked.zone == zone) {
                drawn += looked.skin / looked.area;
                computed += grid.path("percent").get(cell.getKey()).asDouble() / 100;
                n++;
            }
        }
        return new Told(way, zone, drawn / n, computed / n, n / (double) cellsOf(zone, grid, scalp));
    }

    /** How many cells of the map lie in a zone and are not bare on purpose. */
    private static int cellsOf(Zone zone, JsonNode grid, Scalp scalp) {
        Set<Integer> meant = new HashSet<>();
        grid.path("meant").forEach(c -> meant.add(c.asInt()));
        double side = grid.path("cellMm").asDouble();
        int columns = grid.path("columns").asInt();
        int count = 0;
        for (int i = 0; i < grid.path("percent").size(); i++) {
            if (grid.path("percent").get(i).asInt() >= 0 && !meant.contains(i)) {
                Vec2 middle = new Vec2(
                        grid.path("left").asDouble() + (i % columns + 0.5) * side,
                        grid.path("front").asDouble() - (i / columns + 0.5) * side);
                count += Zone.at(scalp.frontToNape(scalp.chart().lift(middle))) == zone ? 1 : 0;
            }
        }
        return count;
    }

    private static void wear(Page page, String way) {
        page.locator("button", new Page.LocatorOptions().setHasText(Pattern.compile("^" + way)))
                .first()
                .click();
        assertThat(page.getByText(Pattern.compile("^worn " + way))).isVisible();
    }

    private static JsonNode worn(Page page, JsonNode brief, String way) {
        ObjectNode body = JSON.createObjectNode();
        body.set("brief", brief);
        ObjectNode worn = body.putObject("worn").put("way", way).put("day", 0);
        if (way.equals("DOWN") && !brief.path("foundation").path("parts").isEmpty()) {
            worn.put("part", 0);
        }
        String token = page.context().cookies().stream()
                .filter(c -> c.name.equals("XSRF-TOKEN"))
                .findFirst()
                .map(c -> c.value)
                .orElseThrow();
        RequestOptions asked = RequestOptions.create()
                .setHeader("Content-Type", "application/json")
                .setHeader("X-XSRF-TOKEN", token)
                .setData(body.toString());
        return JSON.readTree(page.request().post("/api/wear", asked).text());
    }

    private static Scalp scalp(JsonNode head) {
        Map<Measure, String> names = Map.of(
                Measure.ROUND, "roundMm",
                Measure.FRONT_TO_NAPE, "frontToNapeMm",
                Measure.OVER_TOP, "overTopMm",
                Measure.ALONG_FRONT, "alongFrontMm",
                Measure.ROUND_BACK, "roundBackMm",
                Measure.NAPE_WIDTH, "napeWidthMm");
        Map<Measure, Double> measures = new EnumMap<>(Measure.class);
        names.forEach((m, name) -> {
            if (head.path(name).isNumber()) {
                measures.put(m, head.path(name).asDouble());
            }
        });
        return Scalp.of(HeadFitter.fit(new HeadMeasures(measures)));
    }

    private static BufferedImage look(Page page, Side side, Scalp scalp, JsonNode grid, Map<Side, List<Place>> places)
            throws IOException {
        page.getByRole(
                        AriaRole.RADIO,
                        new Page.GetByRoleOptions().setName("front").setExact(true))
                .click();
        page.getByRole(
                        AriaRole.RADIO,
                        new Page.GetByRoleOptions().setName(side.name()).setExact(true))
                .click();
        for (int i = 0; i < side.lowered(); i++) {
            page.locator("[data-eye]").press("ArrowDown");
        }
        page.evaluate("() => new Promise(r => requestAnimationFrame(() => requestAnimationFrame(r)))");
        Download picture = page.waitForDownload(
                () -> page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("save the picture"))
                        .click());
        BufferedImage image;
        try (InputStream in = picture.createReadStream()) {
            image = ImageIO.read(in);
        }
        places.computeIfAbsent(
                side,
                s -> places(
                        new Camera(page.locator("[data-eye]"), s.lowered() * TURN, image.getWidth(), image.getHeight()),
                        scalp,
                        grid));
        return image;
    }

    /** Where the camera stands and how it looks, in the frame of the scalp. */
    private static final class Camera {
        final Vec3 eye;
        private final Vec3 ahead;
        private final Vec3 across;
        private final Vec3 up;
        private final double half;
        final int width;
        final int height;

        Camera(Locator box, double lowered, int width, int height) {
            this.width = width;
            this.height = height;
            Vec3 middle = scene(box.getAttribute("data-middle"));
            Vec3 from = scene(box.getAttribute("data-eye")).minus(middle);
            double level = Math.hypot(from.x(), from.y());
            double up = Math.atan2(from.z(), level) - lowered;
            double out = from.norm() * Math.cos(up) / level;
            this.eye = middle.plus(new Vec3(from.x() * out, from.y() * out, from.norm() * Math.sin(up)));
            this.ahead = middle.minus(eye).unit();
            this.across = ahead.cross(new Vec3(0, 0, 1)).unit();
            this.up = across.cross(ahead);
            this.half = Math.tan(Math.toRadians(Double.parseDouble(box.getAttribute("data-field"))) / 2);
        }

        /** The scene's x is to her left, its y up and its z forward. */
        private static Vec3 scene(String text) {
            double[] v =
                    Stream.of(text.split(" ")).mapToDouble(Double::parseDouble).toArray();
            return new Vec3(-v[0], v[2], v[1]);
        }

        Vec3 ray(double x, double y) {
            double right = (2 * (x + 0.5) / width - 1) * half * width / height;
            double upward = (1 - 2 * (y + 0.5) / height) * half;
            return ahead.plus(across.times(right)).plus(up.times(upward)).unit();
        }

        /** Side of a point of the picture that far away, mm. */
        double pointMm(double away) {
            return 2 * half * away / height;
        }
    }

    /** A point of the picture that lies on the scalp: in which zone, in which cell of the map, and how much of the scalp it is. */
    private record Place(int x, int y, Zone zone, int cell, double turned, double mm2) {}

    /** Where on the scalp the points of a picture lie. */
    private static List<Place> places(Camera camera, Scalp scalp, JsonNode grid) {
        List<Place> places = new ArrayList<>();
        double cell = grid.path("cellMm").asDouble();
        int columns = grid.path("columns").asInt();
        for (int y = 0; y < camera.height; y += EACH) {
            for (int x = 0; x < camera.width; x += EACH) {
                Vec3 ray = camera.ray(x, y);
                Optional<Vec3> met = meets(scalp.surface(), camera.eye, ray);
                if (met.isEmpty()) {
                    continue;
                }
                Vec3 at = met.get();
                double turned = -scalp.surface().normal(at).dot(ray);
                if (turned < TURNED) {
                    continue;
                }
                Vec2 map = scalp.chart().project(at);
                int column = (int) Math.floor((map.x() - grid.path("left").asDouble()) / cell);
                int line = (int) Math.floor((grid.path("front").asDouble() - map.y()) / cell);
                int i = line * columns + column;
                if (column >= 0 && column < columns && i >= 0) {
                    double side = EACH * camera.pointMm(at.distance(camera.eye));
                    places.add(new Place(x, y, Zone.at(scalp.frontToNape(at)), i, turned, side * side / turned));
                }
            }
        }
        return places;
    }

    private static void count(
            BufferedImage image,
            List<Place> places,
            Map<Integer, Double> squarest,
            JsonNode grid,
            Map<Integer, Looked> cells) {
        Set<Integer> meant = new HashSet<>();
        grid.path("meant").forEach(c -> meant.add(c.asInt()));
        List<Integer> percent =
                grid.path("percent").valueStream().map(JsonNode::asInt).toList();
        for (Place p : places) {
            if (p.turned() > squarest.get(p.cell()) - OF_ONE_VIEW
                    && p.cell() < percent.size()
                    && percent.get(p.cell()) >= 0
                    && !meant.contains(p.cell())) {
                cells.computeIfAbsent(p.cell(), c -> new Looked(p.zone()))
                        .add(p.mm2(), isMark(image.getRGB(p.x(), p.y())));
            }
        }
    }

    /** Whether neck or shoulders are seen there, which stand before the scalp: all hair is black, and all scalp marked. */
    private static boolean isBlocked(int rgb) {
        return !isMark(rgb) && IntStream.of(16, 8, 0).anyMatch(s -> (rgb >> s & 255) > DARK);
    }

    private static boolean isMark(int rgb) {
        return IntStream.of(16, 8, 0).allMatch(s -> Math.abs((rgb >> s & 255) - (MARK >> s & 255)) < 24);
    }

    /** Where a ray first meets the surface, by stepping up to it and halving; nothing where it passes by. */
    private static Optional<Vec3> meets(SuperEllipsoid head, Vec3 from, Vec3 ray) {
        double nearest = -from.dot(ray);
        if (from.plus(ray.times(nearest)).norm() > 1.25 * head.c()) {
            return Optional.empty();
        }
        for (double t = nearest - 1.25 * head.c(); t < nearest; t += STEP_MM) {
            if (isWithin(head, from.plus(ray.times(t)))) {
                double out = t - STEP_MM;
                double in = t;
                while (in - out > 0.1) {
                    double middle = (out + in) / 2;
                    boolean isIn = isWithin(head, from.plus(ray.times(middle)));
                    out = isIn ? out : middle;
                    in = isIn ? middle : in;
                }
                return Optional.of(from.plus(ray.times(in)));
            }
        }
        return Optional.empty();
    }

    private static boolean isWithin(SuperEllipsoid head, Vec3 p) {
        return p.norm() < head.inDirection(p).norm();
    }
}
