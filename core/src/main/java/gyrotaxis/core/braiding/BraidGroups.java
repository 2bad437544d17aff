package gyrotaxis.core.braiding;

import gyrotaxis.core.braiding.BraidStep.Kind;
import gyrotaxis.core.foundation.Foundation;
import gyrotaxis.core.foundation.FoundationBrief;
import gyrotaxis.core.foundation.Row;
import gyrotaxis.core.row.RowId;
import gyrotaxis.core.row.Section;
import gyrotaxis.core.row.TailEnd;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/** Says the braiding as it is written on a sheet: rows of a kind together, what differs between them after it. */
public final class BraidGroups {
    private final Foundation foundation;
    private final Braiding braiding;
    private final BraidSteps steps;

    private BraidGroups(Foundation foundation, Braiding braiding, FoundationBrief brief) {
        this.foundation = foundation;
        this.braiding = braiding;
        this.steps = new BraidSteps(foundation, braiding, brief);
    }

    /** The steps of a foundation, those that are alike as one. */
    public static List<BraidGroup> of(Foundation foundation, Braiding braiding, FoundationBrief brief) {
        return new BraidGroups(foundation, braiding, brief).groups(BraidSteps.of(foundation, braiding, brief));
    }

    private List<BraidGroup> groups(List<BraidStep> all) {
        List<BraidGroup> groups = new ArrayList<>();
        int i = 0;
        while (i < all.size()) {
            int j = i + 1;
            while (j < all.size() && isAlike(all.get(i), all.get(j))) {
                j++;
            }
            List<BraidStep> run = all.subList(i, j);
            String words = run.size() == 1 ? run.get(0).words() : words(run);
            groups.add(new BraidGroup(all.get(i).number(), all.get(j - 1).number(), words));
            i = j;
        }
        return List.copyOf(groups);
    }

    private static boolean isAlike(BraidStep a, BraidStep b) {
        return a.kind() == b.kind()
                && (a.kind() == Kind.BRAID || a.kind() == Kind.THREAD || a.kind() == Kind.SECURE)
                && a.rows().size() == 1
                && b.rows().size() == 1
                && a.rows().get(0).section() == b.rows().get(0).section();
    }

    private String words(List<BraidStep> run) {
        List<RowId> rows = run.stream().map(s -> s.rows().get(0)).toList();
        return switch (run.get(0).kind()) {
            case THREAD ->
                "Thread the ends of " + many(rows) + " one by one with the hook, then stitch each: " + ends(rows, true)
                        + ".";
            case SECURE -> capital(many(rows)) + ": " + secured(rows) + ".";
            default -> braided(rows);
        };
    }

    private String braided(List<RowId> rows) {
        Section section = rows.get(0).section();
        List<String> how = rows.stream().map(r -> steps.how(row(r))).distinct().toList();
        StringBuilder words =
                new StringBuilder(capital(many(rows))).append(inTurn(rows)).append(": ");
        if (section == Section.LEVEL && how.size() == 2) {
            words.append(how.get(0)).append(", then by turns the other way");
        } else {
            words.append(
                    how.size() == 1
                            ? how.get(0)
                            : how.stream()
                                    .map(h -> h + " ("
                                            + numbers(rows.stream()
                                                    .filter(r ->
                                                            steps.how(row(r)).equals(h))
                                                    .toList())
                                            + ")")
                                    .collect(Collectors.joining("; ")));
        }
        String ends = ends(rows, false);
        if (!ends.isEmpty()) {
            words.append(section == Section.INDIVIDUAL ? "; keep the ends out: " : "; ")
                    .append(ends);
        }
        return words.append('.').toString();
    }

    /** Rows by where their ends go: "1 to 3 run on into back row 1; 4 and 5 are fed into front row 3". */
    private String ends(List<RowId> rows, boolean isThreading) {
        Map<String, List<RowId>> byEnd = new LinkedHashMap<>();
        rows.stream()
                .sorted()
                .forEach(r -> end(r, isThreading)
                        .ifPresent(e ->
                                byEnd.computeIfAbsent(e, k -> new ArrayList<>()).add(r)));
        if (byEnd.size() == 1 && byEnd.values().iterator().next().size() == rows.size()) {
            return "each " + byEnd.keySet().iterator().next();
        }
        return byEnd.entrySet().stream()
                .map(e -> numbers(e.getValue()) + " " + e.getKey())
                .collect(Collectors.joining("; "));
    }

    /** Where the end of a row goes; threading comes after all braiding, and is said then. */
    private Optional<String> end(RowId id, boolean isThreading) {
        Optional<RowId> joins = row(id).joins();
        if (joins.isPresent()) {
            return Optional.of("into " + joins.get().words());
        }
        return braiding.tailOf(id)
                .filter(t -> t.into().isPresent() && (t.end() == TailEnd.THREADED) == isThreading)
                .map(t -> (t.end() == TailEnd.THREADED ? "under " : t.end() == TailEnd.LAID ? "laid under " : "into ")
                        + t.into().orElseThrow().words());
    }

    private String secured(List<RowId> rows) {
        Map<String, List<RowId>> byEnd = rows.stream()
                .collect(Collectors.groupingBy(
                        r -> braiding.tailOf(r).map(t -> t.end().words()).orElse("secured"),
                        LinkedHashMap::new,
                        Collectors.toList()));
        return byEnd.size() == 1
                ? "their ends are " + byEnd.keySet().iterator().next()
                : byEnd.entrySet().stream()
                        .map(e -> numbers(e.getValue()) + " " + e.getKey())
                        .collect(Collectors.joining("; "));
    }

    /** In which order, where it is one that can be said. */
    private static String inTurn(List<RowId> rows) {
        List<Integer> order = rows.stream().map(RowId::number).toList();
        int n = order.size();
        List<Integer> rising = order.stream().sorted().toList();
        List<Integer> inward = IntStream.range(0, n)
                .mapToObj(k -> rising.get(k % 2 == 0 ? k / 2 : n - 1 - k / 2))
                .toList();
        if (n > 2 && order.equals(inward)) {
            return ", outer ones first, left and right in turn";
        }
        if (order.equals(rising)) {
            return "";
        }
        return n > 2 ? ", in this order: " + order.stream().map(String::valueOf).collect(Collectors.joining(", ")) : "";
    }

    /** "front rows 1 to 14", "back row 3". */
    private static String many(List<RowId> rows) {
        String kind = rows.get(0).section().words();
        return rows.size() == 1 ? rows.get(0).words() : kind + "s " + numbers(rows);
    }

    /** "1 to 4, 7 and 9". */
    static String numbers(List<RowId> rows) {
        List<Integer> n = rows.stream().map(RowId::number).distinct().sorted().toList();
        List<String> runs = new ArrayList<>();
        int i = 0;
        while (i < n.size()) {
            int j = i;
            while (j + 1 < n.size() && n.get(j + 1) == n.get(j) + 1) {
                j++;
            }
            if (j - i >= 2) {
                runs.add(n.get(i) + " to " + n.get(j));
            } else {
                for (int k = i; k <= j; k++) {
                    runs.add(String.valueOf(n.get(k)));
                }
            }
            i = j + 1;
        }
        int last = runs.size() - 1;
        return last < 1 ? runs.get(0) : String.join(", ", runs.subList(0, last)) + " and " + runs.get(last);
    }

    private Row row(RowId id) {
        return foundation.row(id).orElseThrow();
    }

    private static String capital(String words) {
        return Character.toUpperCase(words.charAt(0)) + words.substring(1);
    }
}
