package gyrotaxis.server.printing;

import gyrotaxis.core.geometry.Vec2;
import gyrotaxis.core.papercap.PaperCap;
import gyrotaxis.core.papercap.PaperCap.Line;
import gyrotaxis.core.papercap.PaperCap.Word;
import gyrotaxis.core.papercap.PaperSheets;
import gyrotaxis.core.papercap.PaperSheets.Laid;
import gyrotaxis.server.paper.Papers;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;

/** A cap's sheets, drawn: each as SVG in millimetres, all of them as PDF. */
@Component
class CapPaper {
    /** How long the line is by which a printer is checked, mm. */
    static final int CONTROL_MM = 100;

    private static final double DOT_MM = 0.9;

    private final Papers papers;

    CapPaper(Papers papers) {
        this.papers = papers;
    }

    /** Where a word or a dot is drawn, mm on the sheet. */
    record Put(String text, double x, double y) {}

    /** One piece, as it is drawn: outlines are path data of SVG, mm on the sheet. */
    record Drawn(
            String rim,
            List<String> rows,
            List<String> parts,
            List<String> earLine,
            List<String> marks,
            List<Put> stations,
            List<Put> words,
            List<Put> seams) {}

    /** A sheet of the paper: its drawing, and its words, which stand over that as text that can be read out. */
    record Page(int number, String drawing, List<Put> words) {}

    /** All of it, a page for each sheet. */
    byte[] pdf(String title, PaperSheets sheets) {
        List<Page> pages = new ArrayList<>();
        for (int sheet = 1; sheet <= sheets.sheets().size(); sheet++) {
            List<Drawn> pieces = pieces(sheets, sheet);
            List<Put> words = pieces.stream()
                    .flatMap(p -> Stream.concat(p.words().stream(), p.seams().stream()))
                    .toList();
            pages.add(new Page(sheet, svg(title, sheets, sheet, pieces, false), words));
        }
        Map<String, Object> values = values(title, sheets);
        values.put("pages", pages);
        return papers.pdf("cap", values);
    }

    /**
     * One sheet.
     *
     * @param sheet from 1
     * @throws IndexOutOfBoundsException if there is no such sheet
     */
    String svg(String title, PaperSheets sheets, int sheet) {
        return svg(title, sheets, sheet, pieces(sheets, sheet), true);
    }

    /** A sheet with its words, or without where they are written over it. */
    private String svg(String title, PaperSheets sheets, int sheet, List<Drawn> pieces, boolean isAlone) {
        Map<String, Object> values = values(title, sheets);
        values.put("sheet", sheet);
        values.put("pieces", pieces);
        values.put("dot", DOT_MM);
        values.put("isAlone", isAlone);
        return papers.svg("cap-sheet", values);
    }

    private static List<Drawn> pieces(PaperSheets sheets, int sheet) {
        return sheets.sheets().get(sheet - 1).stream().map(CapPaper::drawn).toList();
    }

    private static Map<String, Object> values(String title, PaperSheets sheets) {
        Map<String, Object> values = new HashMap<>();
        values.put("title", title);
        values.put("of", sheets.sheets().size());
        values.put("count", sheets.sheets().stream().mapToInt(List::size).sum());
        values.put("width", sheets.size().widthMm());
        values.put("height", sheets.size().heightMm());
        values.put("margin", PaperSheets.MARGIN_MM);
        values.put("control", CONTROL_MM);
        return values;
    }

    private static Drawn drawn(Laid laid) {
        PaperCap.Piece p = laid.piece();
        return new Drawn(
                path(laid, p.rim()) + "Z",
                lines(laid, Line.ROW),
                lines(laid, Line.PART),
                lines(laid, Line.EAR_LINE),
                p.marks().stream().map(m -> path(laid, m)).toList(),
                p.stations().stream().map(s -> put("", laid.onSheet(s))).toList(),
                words(laid, p.words()),
                words(laid, p.seams()));
    }

    private static List<Put> words(Laid laid, List<Word> words) {
        return words.stream().map(w -> put(w.text(), laid.onSheet(w.at()))).toList();
    }

    private static List<String> lines(Laid laid, Line kind) {
        return laid.piece().lines().stream()
                .filter(d -> d.line() == kind)
                .map(d -> path(laid, d.points()))
                .toList();
    }

    private static Put put(String text, Vec2 at) {
        return new Put(text, rounded(at.x()), rounded(at.y()));
    }

    private static double rounded(double mm) {
        return Math.rint(mm * 100) / 100;
    }

    private static String path(Laid laid, List<Vec2> points) {
        return points.stream()
                .map(laid::onSheet)
                .map(p -> String.format(Locale.ROOT, "%.2f %.2f", p.x(), p.y()))
                .collect(Collectors.joining("L", "M", ""));
    }
}
