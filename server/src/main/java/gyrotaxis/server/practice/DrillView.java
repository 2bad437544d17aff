package gyrotaxis.server.practice;

import gyrotaxis.core.practice.Ask;
import gyrotaxis.core.practice.Drill;
import gyrotaxis.core.practice.DrillKind;
import gyrotaxis.server.planning.DrawnView;
import gyrotaxis.server.planning.WornView;
import gyrotaxis.server.shared.Piece;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A question.
 *
 * @param task what is to be done, in one line
 * @param seed with kind and level, all that it is made from
 * @param head what of the head it is about is drawn; null where it is about words alone
 * @param cover what shows of that head; null where that is not asked about
 */
record DrillView(
        DrillKind kind,
        String words,
        String task,
        int level,
        int seed,
        List<Piece> question,
        Drill.Shows shows,
        AskView ask,
        @Nullable @Schema(nullable = true) DrawnView head,
        @Nullable @Schema(nullable = true) WornView cover) {

    static DrillView of(Drill drill, int seed, @Nullable DrawnView head, @Nullable WornView cover) {
        return new DrillView(
                drill.kind(),
                drill.kind().words(),
                drill.kind().task(),
                drill.level(),
                seed,
                Piece.of(drill.question()),
                drill.shows(),
                AskView.of(drill.ask()),
                head,
                cover);
    }

    /** By what it is answered. */
    enum Form {
        AIM,
        PICK,
        TURNS,
        ORDER,
        NUMBER,
        NUMBERS
    }

    /**
     * How it is answered.
     *
     * @param choices what can be chosen or put in order; empty in other forms
     * @param isOne whether exactly one is right
     * @param aim from where a direction is shown; null in other forms
     * @param number what is counted; null in other forms
     * @param numbers what is measured; empty in other forms
     */
    record AskView(
            Form form,
            List<AskedView> choices,
            boolean isOne,
            @Nullable @Schema(nullable = true) AimView aim,
            @Nullable @Schema(nullable = true) NumberView number,
            List<GaugeView> numbers) {
        static AskView of(Ask ask) {
            if (ask instanceof Ask.Aim a) {
                AimView aim = new AimView(a.at().x(), a.at().y(), a.row().toString());
                return new AskView(Form.AIM, List.of(), false, aim, null, List.of());
            }
            if (ask instanceof Ask.Number n) {
                NumberView number = new NumberView(n.range().min(), n.range().max(), n.step(), n.unit());
                return new AskView(Form.NUMBER, List.of(), false, null, number, List.of());
            }
            if (ask instanceof Ask.Numbers n) {
                List<GaugeView> numbers = n.of().stream()
                        .map(g -> new GaugeView(
                                g.words(), g.range().min(), g.range().max(), g.step(), n.unit()))
                        .toList();
                return new AskView(Form.NUMBERS, List.of(), false, null, null, numbers);
            }
            if (ask instanceof Ask.Turns t) {
                return new AskView(Form.TURNS, AskedView.of(t.choices()), false, null, null, List.of());
            }
            if (ask instanceof Ask.Order o) {
                return new AskView(Form.ORDER, AskedView.of(o.choices()), false, null, null, List.of());
            }
            Ask.Pick p = (Ask.Pick) ask;
            return new AskView(Form.PICK, AskedView.of(p.choices()), p.isOne(), null, null, List.of());
        }
    }

    /** A place on the map, mm, on a row. */
    record AimView(double x, double y, String row) {}

    /** A number within limits; {@code unit} is what is counted. */
    record NumberView(double min, double max, double step, String unit) {}

    /** The same with words of its own. */
    record GaugeView(String words, double min, double max, double step, String unit) {}

    /** What can be chosen; {@code row}, {@code x} and {@code y} are null where it is words alone; {@code seen} and its words where its look tells nothing. */
    record AskedView(
            String id,
            String words,
            @Nullable @Schema(nullable = true) String row,
            @Nullable @Schema(nullable = true) Double x,
            @Nullable @Schema(nullable = true) Double y,
            @Schema(nullable = true) Ask.@Nullable Thread seen,
            @Nullable @Schema(nullable = true) String seenWords) {
        static List<AskedView> of(List<Ask.Choice> choices) {
            return choices.stream()
                    .map(c -> new AskedView(
                            c.id(),
                            c.words(),
                            c.row().map(Object::toString).orElse(null),
                            c.at().map(p -> p.x()).orElse(null),
                            c.at().map(p -> p.y()).orElse(null),
                            c.seen().orElse(null),
                            c.seen().map(Ask.Thread::words).orElse(null)))
                    .toList();
        }
    }
}
