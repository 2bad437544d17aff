package gyrotaxis.core.chair;

import gyrotaxis.core.plan.WorkSheet;
import gyrotaxis.core.plan.WorkSheet.SheetShare;
import gyrotaxis.core.plan.WorkSheet.Stage;
import gyrotaxis.core.plan.WorkSheet.Step;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;

/**
 * How the hooking went against how it was planned, to be drawn as two lines.
 *
 * @param planned after each step of the plan
 * @param gone after each time that something was hooked or came out
 * @param ahead from where it is to where it leads at this pace: two points
 */
public record Course(List<Point> planned, List<Point> gone, List<Point> ahead) {
    private static final double SECONDS = 60;

    /**
     * How far it was.
     *
     * @param minutes of hooking, pauses left out
     * @param loops loops and parts of loops on the head, of all hair, pieces counted as parts of loops
     */
    public record Point(double minutes, double loops) {
        static final Point START = new Point(0, 0);
    }

    public Course {
        planned = List.copyOf(planned);
        gone = List.copyOf(gone);
        ahead = List.copyOf(ahead);
    }

    /** The course of a set of events, in whatever order it is given. */
    public static Course of(WorkSheet sheet, Collection<RecordedEvent> events) {
        List<Point> gone = gone(sheet, events);
        Point now = gone.isEmpty() ? Point.START : gone.get(gone.size() - 1);
        return new Course(planned(sheet), gone, List.of(now, end(VisitState.of(sheet, events), now)));
    }

    /** Where it leads if what is still to be hooked takes as long as her pace says. */
    private static Point end(VisitState state, Point now) {
        double minutes = state.sheet().steps().stream()
                .filter(s -> s.stage() == Stage.HOOK)
                .mapToDouble(s -> s.minutes().likely() * Forecast.partToDo(state, s))
                .sum();
        double loops =
                state.toDo().stream().mapToDouble(s -> s.share().ofLoop()).sum();
        return new Point(now.minutes() + Forecast.of(state).paceOfHooking() * minutes, now.loops() + loops);
    }

    private static List<Point> planned(WorkSheet sheet) {
        List<Point> line = new ArrayList<>(List.of(Point.START));
        double minutes = 0;
        double loops = 0;
        for (Step s : sheet.steps()) {
            if (s.stage() == Stage.HOOK) {
                minutes += s.minutes().likely();
                loops += s.loops();
                line.add(new Point(minutes, loops));
            }
        }
        return line;
    }

    private static List<Point> gone(WorkSheet sheet, Collection<RecordedEvent> events) {
        VisitReducer fold = new VisitReducer(sheet);
        List<Point> line = new ArrayList<>();
        for (RecordedEvent e : VisitState.holding(events)) {
            fold.add(e);
            if (changesHead(e.what())) {
                VisitState now = fold.state();
                double minutes = now.stages()
                                .getOrDefault(Stage.HOOK, StageTime.NONE)
                                .at(e.at())
                                .toSeconds()
                        / SECONDS;
                double loops = now.hooked().stream()
                        .map(SheetShare::share)
                        .mapToDouble(s -> s.ofLoop())
                        .sum();
                line.add(new Point(minutes, loops));
            }
        }
        return line;
    }

    private static boolean changesHead(VisitEvent what) {
        return what instanceof VisitEvent.SharesHooked
                || what instanceof VisitEvent.ShareTakenOut
                || what instanceof VisitEvent.ShareSlipped;
    }
}
