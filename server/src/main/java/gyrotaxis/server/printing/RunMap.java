package gyrotaxis.server.printing;

import gyrotaxis.core.geometry.Vec2;
import gyrotaxis.core.plan.WorkSheet;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;

/**
 * The map of a sheet as it is printed: the outline, the rows as thick as they are braided, and every share as a dot by its size.
 *
 * @param svg the drawing, without words
 * @param labels what the rows are called, mm on the drawing; written over it, so that it can be read out
 * @param widthMm how wide it is printed, mm
 * @param heightMm how high, mm
 */
record RunMap(String svg, List<CapPaper.Put> labels, double widthMm, double heightMm) {
    private static final double WIDTH_MM = 84;

    /** Round the outline there is room for a label, mm on the map. */
    private static final double ROOM_MM = 16;

    /** How far before its row a label stands, mm on the map. */
    private static final double BEFORE_MM = 9;

    /** A dot of a whole loop, mm on the map. */
    private static final double DOT_MM = 3.4;

    static RunMap of(WorkSheet sheet) {
        double left = sheet.outline().stream().mapToDouble(Vec2::x).min().orElse(0) - ROOM_MM;
        double right = sheet.outline().stream().mapToDouble(Vec2::x).max().orElse(0) + ROOM_MM;
        double low = sheet.outline().stream().mapToDouble(Vec2::y).min().orElse(0) - ROOM_MM;
        double high = sheet.outline().stream().mapToDouble(Vec2::y).max().orElse(0) + ROOM_MM;
        double scale = WIDTH_MM / (right - left);
        double heightMm = (high - low) * scale;
        StringBuilder svg = new StringBuilder(format(
                "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"%.2fmm\" height=\"%.2fmm\" viewBox=\"%.2f %.2f %.2f %.2f\""
                        + " role=\"img\"><title>Map of the head, the face above</title>",
                WIDTH_MM, heightMm, left, -high, right - left, high - low));
        svg.append(format(
                "<path d=\"%sZ\" fill=\"#f4f6f4\" stroke=\"#11201a\" stroke-width=\"0.8\"/>", path(sheet.outline())));
        for (WorkSheet.SheetRow row : sheet.rows()) {
            svg.append(format(
                    "<path d=\"%s\" fill=\"none\" stroke=\"#9aa69f\" stroke-width=\"%.2f\" stroke-linecap=\"round\"/>",
                    path(row.chart()), Math.max(1, row.braidWidthMm() / 2)));
        }
        for (WorkSheet.SheetShare s : sheet.shares()) {
            svg.append(format(
                    "<circle cx=\"%.2f\" cy=\"%.2f\" r=\"%.2f\" fill=\"#11201a\"/>",
                    s.chart().x(),
                    -s.chart().y(),
                    DOT_MM / 2 * Math.sqrt(s.share().ofLoop())));
        }
        svg.append("</svg>");
        return new RunMap(
                svg.toString(),
                sheet.rows().stream()
                        .filter(r -> r.chart().size() > 1)
                        .map(r -> label(r, left, high, scale))
                        .toList(),
                WIDTH_MM,
                heightMm);
    }

    /** Before the start of a row, on the line on which it begins. */
    private static CapPaper.Put label(WorkSheet.SheetRow row, double left, double high, double scale) {
        Vec2 start = row.chart().get(0);
        Vec2 next = row.chart().get(Math.min(3, row.chart().size() - 1));
        double long1 = Math.max(start.distance(next), 1e-9);
        double x = start.x() - (next.x() - start.x()) / long1 * BEFORE_MM;
        double y = start.y() - (next.y() - start.y()) / long1 * BEFORE_MM;
        return new CapPaper.Put(row.id().toString(), (x - left) * scale, (high - y) * scale);
    }

    private static String path(List<Vec2> points) {
        return points.stream().map(p -> format("%.2f %.2f", p.x(), -p.y())).collect(Collectors.joining("L", "M", ""));
    }

    private static String format(String words, Object... values) {
        return String.format(Locale.ROOT, words, values);
    }
}
