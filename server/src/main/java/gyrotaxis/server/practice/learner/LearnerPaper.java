package gyrotaxis.server.practice.learner;

import gyrotaxis.core.practice.DrillKind;
import gyrotaxis.server.paper.Papers;
import gyrotaxis.server.people.StudioDay;
import gyrotaxis.server.practice.learner.LearnerBodies.GuessView;
import gyrotaxis.server.practice.learner.LearnerBodies.HandsView;
import gyrotaxis.server.practice.learner.LearnerBodies.ProgressView;
import gyrotaxis.server.practice.learner.LearnerBodies.SkillView;
import java.time.Instant;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** How far a learner is, on paper. */
@Component
class LearnerPaper {
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMMM yyyy", Locale.UK);

    private final Papers papers;
    private final StudioDay studioDay;

    LearnerPaper(Papers papers, StudioDay studioDay) {
        this.papers = papers;
        this.studioDay = studioDay;
    }

    byte[] of(ProgressView p) {
        ZoneId zone = studioDay.zone();
        Map<String, Object> values = new HashMap<>();
        values.put("name", p.learner().name());
        values.put("day", DAY.format(studioDay.today()));
        values.put("right", p.skills().stream().mapToInt(SkillView::right).sum());
        values.put("tries", p.skills().stream().mapToInt(SkillView::tries).sum());
        values.put("skills", p.skills().stream().map(s -> line(s, zone)).toList());
        values.put("guesses", guesses(p.guesses()));
        values.put("hands", hands(p.hands()));
        values.put("pace", p.pacePercent());
        return papers.pdf("learner", values);
    }

    /** One kind, as it is written. */
    record SkillLine(String words, int level, int tries, int right, int knownPercent, String again) {}

    private static SkillLine line(SkillView s, ZoneId zone) {
        Long due = s.dueAt();
        String again = due == null
                ? "not tried"
                : s.isDue() ? "now" : DAY.format(Instant.ofEpochMilli(due).atZone(zone));
        return new SkillLine(s.words(), s.level(), s.tries(), s.right(), s.knownPercent(), again);
    }

    private static List<String> guesses(List<GuessView> all) {
        List<String> lines = new ArrayList<>();
        Map<DrillKind, List<GuessView>> byKind =
                all.stream().collect(Collectors.groupingBy(GuessView::kind, LinkedHashMap::new, Collectors.toList()));
        byKind.forEach((kind, guesses) -> lines.add(kind.words() + ": " + guesses.size() + " said, of late "
                + guesses.get(guesses.size() - 1).lately() + "."));
        return lines;
    }

    /** One thing that hands did, as it is written. */
    record HandsLine(String what, int runs, String each, String usual) {}

    private static List<HandsLine> hands(List<HandsView> all) {
        Collection<List<HandsView>> byWhat = all.stream()
                .collect(Collectors.groupingBy(LearnerPaper::what, LinkedHashMap::new, Collectors.toList()))
                .values();
        return byWhat.stream()
                .map(runs -> {
                    HandsView last = runs.get(runs.size() - 1);
                    Double each = last.secondsEach();
                    return new HandsLine(
                            what(last),
                            runs.size(),
                            each == null ? "none held" : String.valueOf(Math.round(each)),
                            Math.round(last.usual().low()) + " to "
                                    + Math.round(last.usual().high()));
                })
                .toList();
    }

    private static String what(HandsView h) {
        if (h.knot() == null) {
            return "loops split into shares";
        }
        return h.knot().words()
                + (h.knot().hasPasses() ? ", " + h.passes() + (h.passes() == 1 ? " pass" : " passes") : "");
    }
}
