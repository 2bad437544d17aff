package gyrotaxis.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.Dependency;
import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;

/** Keeps the packages of the core in the order of docs/architecture.md. */
class ArchitectureTest {
    private static final String ROOT = "gyrotaxis.core.";

    /** Each package, and all that it may import: what it names, and whatever that may import. */
    private static final Map<String, Set<String>> MAY_IMPORT = closed(Map.ofEntries(
            Map.entry("quantity", Set.of()),
            Map.entry("diary", Set.of("quantity")),
            Map.entry("geometry", Set.of("quantity")),
            Map.entry("scalp", Set.of("geometry")),
            Map.entry("row", Set.of("quantity")),
            Map.entry("terms", Set.of("quantity")),
            Map.entry("ownhair", Set.of("quantity")),
            Map.entry("foundation", Set.of("scalp", "row", "ownhair")),
            Map.entry("laying", Set.of("foundation")),
            Map.entry("braiding", Set.of("foundation")),
            Map.entry("hair", Set.of("quantity")),
            Map.entry("knot", Set.of("hair")),
            Map.entry("install", Set.of("foundation", "knot", "terms")),
            Map.entry("hooking", Set.of("install")),
            Map.entry("wear", Set.of("hooking", "braiding")),
            Map.entry("estimate", Set.of("install", "braiding")),
            Map.entry("stock", Set.of("estimate")),
            Map.entry("care", Set.of("install", "braiding")),
            Map.entry("plan", Set.of("wear", "estimate", "care", "laying", "diary")),
            Map.entry("findings", Set.of("plan")),
            Map.entry("balance", Set.of("plan")),
            Map.entry("reckoning", Set.of("plan")),
            Map.entry("papercap", Set.of("install")),
            Map.entry("compare", Set.of("reckoning")),
            Map.entry("chair", Set.of("balance", "stock")),
            Map.entry("learn", Set.of("chair")),
            Map.entry("practice", Set.of("plan")),
            Map.entry("drilling", Set.of("practice", "findings", "balance")),
            Map.entry("training", Set.of("practice"))));

    private static final JavaClasses CORE = new ClassFileImporter()
            .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
            .importPackages("gyrotaxis.core");

    @Test
    void everyImportIsInTheTable() {
        Set<String> strayed = new TreeSet<>();
        for (JavaClass c : CORE) {
            for (Dependency d : c.getDirectDependenciesFromSelf()) {
                String to = d.getTargetClass().getPackageName();
                String from = c.getPackageName();
                if (to.startsWith(ROOT) && !to.equals(from)) {
                    String target = to.substring(ROOT.length());
                    if (!MAY_IMPORT
                            .getOrDefault(from.substring(ROOT.length()), Set.of())
                            .contains(target)) {
                        strayed.add(c.getName() + " -> " + to);
                    }
                }
            }
        }
        assertThat(strayed).isEmpty();
        assertThat(CORE).hasSizeGreaterThan(40);
    }

    @Test
    void noCycles() {
        slices().matching("gyrotaxis.core.(*)..").should().beFreeOfCycles().check(CORE);
    }

    @Test
    void noFrameworks() {
        noClasses()
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage(
                        "org.springframework..",
                        "org.jooq..",
                        "com.fasterxml..",
                        "tools.jackson..",
                        "jakarta..",
                        "java.sql..")
                .check(CORE);
    }

    private static Map<String, Set<String>> closed(Map<String, Set<String>> direct) {
        Map<String, Set<String>> all = new TreeMap<>();
        direct.keySet().forEach(p -> all.put(p, below(p, direct)));
        return all;
    }

    private static Set<String> below(String from, Map<String, Set<String>> direct) {
        Set<String> all = new TreeSet<>(direct.get(from));
        direct.get(from).forEach(p -> all.addAll(below(p, direct)));
        return all;
    }
}
