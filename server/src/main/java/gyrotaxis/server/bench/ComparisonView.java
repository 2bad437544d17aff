package gyrotaxis.server.bench;

import gyrotaxis.core.plan.Comparison.Better;
import gyrotaxis.core.plan.Comparison.Figure;
import gyrotaxis.core.plan.Comparison.Kind;
import java.util.List;

/** Plans beside each other, and every figure of theirs. */
record ComparisonView(List<PlanView> plans, List<FigureView> figures) {

    /** One figure of every plan. */
    record FigureView(String what, Kind kind, Better better, boolean differs, List<Double> values) {
        static FigureView of(Figure f) {
            return new FigureView(f.what(), f.kind(), f.better(), f.differs(), f.values());
        }
    }
}
