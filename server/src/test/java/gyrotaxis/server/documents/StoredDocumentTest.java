package gyrotaxis.server.documents;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import gyrotaxis.core.estimate.Installer;
import gyrotaxis.core.foundation.FoundationBrief;
import gyrotaxis.core.foundation.RimBrief.Stretch;
import gyrotaxis.core.hair.HairLine;
import gyrotaxis.core.hair.Texture;
import gyrotaxis.core.install.Method;
import gyrotaxis.core.plan.InstallBrief;
import gyrotaxis.core.plan.Planner;
import gyrotaxis.core.plan.WorkSheet;
import gyrotaxis.core.plan.WorkSheetWriter;
import gyrotaxis.core.quantity.Money;
import gyrotaxis.core.scalp.HeadMeasures;
import gyrotaxis.core.terms.Terms;
import gyrotaxis.server.documents.StoredDocument.Form;
import gyrotaxis.server.language.BriefBody;
import gyrotaxis.server.language.FoundationBody;
import gyrotaxis.server.language.HairInHand;
import gyrotaxis.server.language.HeadBody;
import gyrotaxis.server.language.HookingBody;
import gyrotaxis.server.language.MethodBody;
import gyrotaxis.server.language.RegionBody;
import gyrotaxis.server.language.RimBody;
import gyrotaxis.server.shared.FieldProblem;
import gyrotaxis.server.shared.FieldProblems;
import gyrotaxis.server.shared.Fields;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.TreeSet;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** What was kept opens forever. */
class StoredDocumentTest {
    private static final Path CORPUS = Path.of("src", "test", "resources", "kept");
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final StoredDocument KEPT = new StoredDocument(JSON);

    private static final HairLine DEEP = new HairLine(
            "Slack Water", Texture.DEEP_WAVE, 450, false, 20, 1, 3.9, Money.of(780, "EUR"), true, List.of("ink"));
    private static final HairInHand SHELF = id -> Optional.of(new HairInHand.Stocked() {
        @Override
        public HairLine hair() {
            return DEEP;
        }

        @Override
        public int loopsOnShelf() {
            return 12;
        }
    });

    static Stream<Path> documents(String kind) throws IOException {
        try (Stream<Path> all = Files.walk(CORPUS)) {
            return all.filter(p -> p.getFileName().toString().startsWith(kind)).sorted().toList().stream();
        }
    }

    static Stream<Path> plans() throws IOException {
        return documents("plan-");
    }

    private static String text(Path p) {
        try {
            return Files.readString(p);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    @ParameterizedTest
    @MethodSource("plans")
    void everyPlanEverKeptOpensAndComesToAPlan(Path document) {
        BriefBody brief =
                KEPT.read(Form.PLAN, text(document), StoredPlan.class).brief().completed();
        // Colours are checked against the shelf; here every hair is the same one.
        HookingBody hooking = brief.hooking();
        assertThat(hooking).isNotNull();
        BriefBody plain = new BriefBody(
                brief.head(),
                brief.ownHair(),
                brief.consultation(),
                brief.foundation(),
                brief.hairLineId(),
                brief.fullness(),
                brief.installer(),
                new HookingBody(
                        hooking.method(),
                        hooking.zones(),
                        hooking.parts(),
                        null,
                        hooking.edits(),
                        false,
                        null,
                        hooking.cutZones(),
                        hooking.knotlessRows(),
                        null));
        assertThat(new Planner().plan(plain.check(SHELF)).stations()).isNotEmpty();
    }

    /** Before it could be said, an hour was priced in whatever the hair was; a new method has a currency of its own. */
    @Test
    void aMethodWithoutACurrencyIsPricedAsItsHair() {
        HairLine inYen = new HairLine(
                "Ebb", Texture.DEEP_WAVE, 450, false, 20, 1, 3.9, Money.of(780, "JPY"), true, List.of("ink"));
        Method before = KEPT.read(
                        Form.METHOD,
                        text(CORPUS.resolve("format-3").resolve("method-regatta-week.json")),
                        MethodBody.class)
                .completed()
                .check(new Fields(), "", inYen.packPrice().currency());
        assertThat(before.terms().hour()).isEqualTo(Money.of(3500, "JPY"));
        MethodBody said = MethodBody.of(Method.usual());
        assertThat(said.currency()).isEqualTo("EUR");
        assertThat(said.check(new Fields(), "", inYen.packPrice().currency())).isEqualTo(Method.usual());
        MethodBody nothing = JSON.readValue("{}", MethodBody.class);
        assertThat(nothing.check(new Fields(), "", inYen.packPrice().currency()).terms())
                .isEqualTo(Terms.USUAL);
    }

    @Test
    void aCurrencyThatNobodyKnowsIsRefusedAtItsField() {
        Fields f = new Fields();
        JSON.readValue("{\"currency\":\"XXZ\"}", MethodBody.class)
                .check(f, "method.", Money.of(0, "EUR").currency());
        assertThatThrownBy(() -> f.orRefuse(() -> ""))
                .isInstanceOfSatisfying(
                        FieldProblems.class,
                        p -> assertThat(p.problems())
                                .singleElement()
                                .extracting(FieldProblem::field)
                                .isEqualTo("method.currency"));
    }

    @Test
    void theCorpusHoldsPlansPatternsMethodsAndHeadsOfEveryFormat() throws IOException {
        for (int format = 1; format < Form.PLAN.newest(); format++) {
            assertThat(CORPUS.resolve("format-" + format)).isDirectory();
        }
        assertThat(plans()).hasSizeGreaterThanOrEqualTo(8);
        assertThat(documents("pattern-")).hasSizeGreaterThanOrEqualTo(2);
        assertThat(documents("method-")).isNotEmpty();
        assertThat(documents("regions-")).isNotEmpty();
    }

    @Test
    void patternsMethodsAndHeadsOfOldFormatsSayAllTheySaid() throws IOException {
        for (Path p : documents("pattern-").toList()) {
            FoundationBody pattern = KEPT.read(Form.PATTERN, text(p), FoundationBody.class);
            JsonNode before = JSON.readTree(text(p));
            assertThat(pattern.frontRows()).isEqualTo(before.path("frontRows").asInt());
            assertThat(pattern.edits()).hasSize(before.path("edits").size());
        }
        for (Path p : documents("method-").toList()) {
            MethodBody method = KEPT.read(Form.METHOD, text(p), MethodBody.class);
            JsonNode now = JSON.readTree(JSON.writeValueAsString(method));
            ((ObjectNode) JSON.readTree(text(p)))
                    .without(List.of("format"))
                    .properties()
                    .forEach(said -> assertThat(now.path(said.getKey()))
                            .as(said.getKey())
                            .isEqualTo(said.getValue()));
            // What nobody could say then is as usual.
            assertThat(method.completed().passes()).isEmpty();
        }
        for (Path p : documents("regions-").toList()) {
            JsonNode regions = KEPT.upgraded(Form.HEAD, JSON.readTree(text(p))).path("regions");
            assertThat(regions).isEqualTo(JSON.readTree(text(p)));
        }
    }

    @Test
    void planFrom1SaysInWordsWhatWasANumber() {
        ObjectNode plan = KEPT.upgraded(
                Form.PLAN, JSON.readTree(text(CORPUS.resolve("format-1").resolve("plan-regatta-deep-wave.json"))));
        assertThat(plan.at("/brief/foundation/edits").toString())
                .isEqualTo("[{\"row\":\"F3\",\"kind\":\"MOVE\",\"moveMm\":4.5},"
                        + "{\"row\":\"F5\",\"kind\":\"RESIZE\",\"factor\":1.2},{\"row\":\"F2\",\"kind\":\"REVERSE\"},"
                        + "{\"row\":\"F9\",\"kind\":\"SPLIT\"},{\"row\":\"F11\",\"kind\":\"JOIN_NEXT\"},"
                        + "{\"row\":\"F1\",\"kind\":\"END_EARLIER\",\"endsAt\":0.6}]");
        assertThat(plan.at("/brief/hooking/edits").toString())
                .isEqualTo("[{\"row\":\"P1\",\"at\":0.93,\"kind\":\"ADD\",\"shareParts\":2},"
                        + "{\"row\":\"P2\",\"at\":0.088,\"kind\":\"REMOVE\"},"
                        + "{\"row\":\"F5\",\"at\":0.21,\"kind\":\"MOVE\",\"moveMm\":6.0},"
                        + "{\"row\":\"P1\",\"at\":0.1682,\"kind\":\"SHARE\",\"shareParts\":3},"
                        + "{\"row\":\"P2\",\"at\":0.1698,\"kind\":\"KNOT\",\"knot\":\"INVISIBLE\"},"
                        + "{\"row\":\"F5\",\"at\":0.3356,\"kind\":\"PASSES\",\"passes\":3},"
                        + "{\"row\":\"P1\",\"at\":0.2492,\"kind\":\"HOLD\",\"hold\":\"COMBED_DOWN\"},"
                        + "{\"row\":\"P2\",\"at\":0.2517,\"kind\":\"LEG\",\"legPercent\":45},"
                        + "{\"row\":\"P2\",\"at\":0.1698,\"kind\":\"LEG\",\"legPercent\":40}]");
        assertThat(plan.path("hairs")).isEmpty();
    }

    @Test
    void planFrom2SaysByZoneWhatIsCutAndKeepsTheHairOfAWishedShare() {
        ObjectNode plan = Upgrades.planFrom2((ObjectNode) JSON.readTree("""
                {"brief":{"hairLineId":"a","hooking":{"cutsInHalf":true,"zones":[
                  {"zone":"FRONT","closer":1.5,"shareParts":4},{"zone":"NAPE","closer":0.7,"shareParts":null},
                  {"zone":"BACK","closer":1.0,"shareParts":8},{"zone":"MIDDLE","closer":2.0,"shareParts":2}]}},
                 "hairs":[{"id":"a","hair":{"texture":"SPRINGY_CURL"}}]}"""));
        assertThat(plan.at("/brief/hooking/cutZones").toString()).isEqualTo("[\"FRONT\",\"MIDDLE\",\"BACK\",\"NAPE\"]");
        assertThat(plan.at("/brief/hooking").has("cutsInHalf")).isFalse();
        assertThat(closer(plan, 0)).isEqualTo(1.5 * 3 / 4);
        assertThat(closer(plan, 1)).isEqualTo(0.7);
        assertThat(closer(plan, 2)).isEqualTo(0.4);
        assertThat(closer(plan, 3)).isEqualTo(2.0);
        ObjectNode uncut = Upgrades.planFrom2(
                (ObjectNode) JSON.readTree("{\"brief\":{\"hooking\":{\"cutsInHalf\":false}},\"hairs\":[]}"));
        assertThat(uncut.at("/brief/hooking/cutZones")).isEmpty();
        assertThat(Upgrades.planFrom2((ObjectNode) JSON.readTree("{\"brief\":{}}"))
                        .path("brief"))
                .isEmpty();
    }

    private static double closer(ObjectNode plan, int zone) {
        return plan.at("/brief/hooking/zones/" + zone + "/closer").asDouble();
    }

    @Test
    void whatWasNotAskedOfMethodsHairAndWorksheetsIsAsUsual() {
        for (Form form : List.of(Form.METHOD, Form.HAIR, Form.WORK_SHEET)) {
            assertThat(KEPT.upgraded(form, JSON.readTree("{\"name\":\"Harbour way\"}"))
                            .toString())
                    .isEqualTo("{\"name\":\"Harbour way\"}");
        }
        StoredHair twist = KEPT.read(
                Form.HAIR,
                "{\"format\":1,\"name\":\"Halyard\",\"texture\":\"SHORT_TWIST\",\"lengthMm\":250,\"hasBead\":false,"
                        + "\"loopsPerBundle\":18,\"bundlesPerPack\":1,\"gramsPerLoop\":3.6,\"priceMinor\":900,\"currency\":\"EUR\","
                        + "\"isCoated\":false,\"colours\":[\"ink\"],\"curlMm\":9,\"slip\":\"MIDDLING\",\"isLooped\":true,"
                        + "\"heatC\":null,\"otherPacks\":[]}",
                StoredHair.class);
        assertThat(twist.line().goesInWhole()).isTrue();
    }

    @Test
    void planFrom1LiftsALegThatWasTooThinToTheLeastThatIsTied() {
        ObjectNode plan = Upgrades.planFrom1((ObjectNode) JSON.readTree(
                "{\"hooking\":{\"edits\":[{\"row\":\"F1\",\"at\":0.5,\"kind\":\"LEG\",\"amount\":25.0}]}}"));
        assertThat(plan.at("/brief/hooking/edits/0/legPercent").asInt()).isEqualTo(33);
    }

    @Test
    void headFrom1GivesABareListRoomForItsFormat() {
        assertThat(KEPT.upgraded(Form.HEAD, JSON.readTree("[]")).toString()).isEqualTo("{\"regions\":[]}");
    }

    @Test
    void whatIsKeptCarriesItsFormatAndComesBackAsItWas() {
        BriefBody brief = new BriefBody(
                        HeadBody.of(gyrotaxis.core.scalp.HeadRecord.of(HeadMeasures.of(565, 360, 330))),
                        null,
                        null,
                        FoundationBody.plain(12, 5, 12),
                        "da02225d-2f7c-4b8a-9ff4-53b0f195b491",
                        1.0,
                        Installer.STYLIST,
                        null)
                .completed();
        StoredPlan plan = StoredPlan.of(brief, SHELF);
        String document = KEPT.write(Form.PLAN, plan);
        assertThat(JSON.readTree(document).path("format").asInt()).isEqualTo(Form.PLAN.newest());
        assertThat(KEPT.read(Form.PLAN, document, StoredPlan.class)).isEqualTo(plan);
        assertThat(plan.hairs())
                .singleElement()
                .satisfies(h -> assertThat(h.hair().line()).isEqualTo(DEEP));
    }

    @Test
    void aWorksheetComesBackToTheLastDigit() {
        WorkSheet sheet = WorkSheetWriter.of(new Planner()
                .plan(InstallBrief.of(HeadMeasures.of(565, 360, 330), FoundationBrief.of(14, 5, 12), DEEP)));
        String document = KEPT.write(Form.WORK_SHEET, StoredWorksheet.of(sheet));
        assertThat(KEPT.read(Form.WORK_SHEET, document, StoredWorksheet.class).sheet())
                .isEqualTo(sheet);
        byte[] packed = KEPT.pack(Form.WORK_SHEET, StoredWorksheet.of(sheet));
        assertThat(KEPT.unpack(Form.WORK_SHEET, packed, StoredWorksheet.class).sheet())
                .isEqualTo(sheet);
        assertThat(packed).hasSizeLessThan(document.length() / 4);
    }

    @Test
    void whatIsNotPackedIsNoWorksheet() {
        byte[] text = "{\"format\":4}".getBytes(StandardCharsets.UTF_8);
        assertThatThrownBy(() -> KEPT.unpack(Form.WORK_SHEET, text, StoredWorksheet.class))
                .isInstanceOf(StoredDocument.Unreadable.class);
    }

    /** Before gaps could be drawn shut, and before a worksheet said what is blended. */
    @ParameterizedTest
    @ValueSource(strings = {"plan-cox-coils.json", "plan-regatta-deep-wave.json"})
    void aPlanOfTheThirdFormatSaysWhatItSaid(String name) throws IOException {
        String document = text(CORPUS.resolve("format-3").resolve(name));
        StoredPlan plan = KEPT.read(Form.PLAN, document, StoredPlan.class);
        JsonNode again = JSON.readTree(KEPT.write(Form.PLAN, plan));
        JsonNode before = JSON.readTree(document);
        assertThat(again.at("/brief/head")).isEqualTo(said(before.at("/brief/head")));
        ((ObjectNode) again.at("/brief/hooking/method")).remove("prices");
        assertThat(again.at("/brief/hooking").has("colour")).isFalse();
        assertThat(again.at("/brief/hooking")).isEqualTo(said(before.at("/brief/hooking")));
        assertThat(again.path("hairs")).isEqualTo(said(before.path("hairs")));
    }

    /** Without what is not said, which older versions wrote down too. */
    private static JsonNode said(JsonNode document) {
        document.forEach(StoredDocumentTest::said);
        if (document instanceof ObjectNode o) {
            o.propertyNames().stream().toList().stream()
                    .filter(name -> o.get(name).isNull())
                    .forEach(o::remove);
        }
        return document;
    }

    /** Before singles were said stretch by stretch. */
    @Test
    void aPatternOfTheSecondFormatKeepsItsSingles() {
        FoundationBody pattern = KEPT.read(
                Form.PATTERN,
                text(CORPUS.resolve("format-2").resolve("pattern-singles-at-the-nape.json")),
                FoundationBody.class);
        RimBody rim = pattern.rim();
        assertThat(rim).isNotNull();
        assertThat(rim.singles())
                .containsExactly(
                        new RimBody.RunBody(Stretch.LEFT, 2, 7),
                        new RimBody.RunBody(Stretch.RIGHT, 2, 7),
                        new RimBody.RunBody(Stretch.NAPE, 2, 6));
        assertThat(rim.singleBaseMm()).isEqualTo(12);
        assertThat(rim.areBanded()).isTrue();
    }

    @Test
    void aWorksheetOfTheSecondFormatHasNothingBlended() {
        WorkSheet sheet = WorkSheetWriter.of(new Planner()
                .plan(InstallBrief.of(HeadMeasures.of(565, 360, 330), FoundationBrief.of(14, 5, 12), DEEP)));
        ObjectNode document = (ObjectNode) JSON.readTree(KEPT.write(Form.WORK_SHEET, StoredWorksheet.of(sheet)));
        document.put("format", 2);
        document.path("shares").forEach(s -> ((ObjectNode) s).remove("blend"));
        assertThat(KEPT.read(Form.WORK_SHEET, document.toString(), StoredWorksheet.class)
                        .sheet())
                .isEqualTo(sheet);
    }

    /** Before a worksheet said how many loops were bought, and what is cut of which hair. */
    @Test
    void aWorksheetOfTheThirdFormatCountsWhatWasBoughtByThePack() {
        WorkSheet sheet = WorkSheetWriter.of(new Planner()
                .plan(InstallBrief.of(HeadMeasures.of(565, 360, 330), FoundationBrief.of(14, 5, 12), DEEP)));
        ObjectNode document = (ObjectNode) JSON.readTree(KEPT.write(Form.WORK_SHEET, StoredWorksheet.of(sheet)));
        document.put("format", 3);
        document.path("supplies").forEach(s -> ((ObjectNode) s).remove(List.of("boughtLoops", "cutFrom")));
        WorkSheet.Supply then = KEPT.read(Form.WORK_SHEET, document.toString(), StoredWorksheet.class)
                .sheet()
                .supplies()
                .get(0);
        assertThat(then.boughtLoops()).isEqualTo(then.packsToBuy() * DEEP.loopsPerPack());
        assertThat(then.cutFrom()).isEmpty();
    }

    @Test
    void propertiesThatNobodyKnowsAreReadOver() {
        String document = "{\"format\":1,\"name\":\"Hers\",\"back\":\"FINE\",\"moonPhase\":\"waning\"}";
        MethodBody method = KEPT.read(Form.METHOD, document, MethodBody.class);
        assertThat(method.name()).isEqualTo("Hers");
        assertThat(method.back()).isNotNull();
    }

    @ParameterizedTest
    @EnumSource(Form.class)
    void whatANewerVersionKeptIsNotGuessedAt(Form form) {
        String document = "{\"format\":" + (form.newest() + 1) + "}";
        assertThatThrownBy(() -> KEPT.read(form, document, Object.class))
                .isInstanceOf(StoredDocument.NewerFormat.class)
                .hasMessageContaining("format " + (form.newest() + 1))
                .hasMessageContaining("newer");
    }

    /**
     * Holds the shape of every kept form against what it was when its format got its number: whoever changes a form is told to
     * write the step from the old format to the new one first.
     */
    @Test
    void noFormChangesWithoutANewFormat() throws IOException {
        StringBuilder shapes = new StringBuilder();
        shape(shapes, Form.PLAN, StoredPlan.class);
        shape(shapes, Form.PATTERN, FoundationBody.class);
        shape(shapes, Form.METHOD, MethodBody.class);
        shape(shapes, Form.HEAD, RegionBody.class);
        shape(shapes, Form.HAIR, StoredHair.class);
        shape(shapes, Form.WORK_SHEET, StoredWorksheet.class);
        Path kept = CORPUS.resolve("shapes.txt");
        if (Boolean.getBoolean("api.write")) {
            Files.writeString(kept, shapes);
        }
        assertThat(shapes.toString())
                .as("a kept form changed: add a step to Upgrades, then ./gyrotaxis api writes %s anew", kept)
                .isEqualTo(Files.readString(kept));
    }

    private static void shape(StringBuilder into, Form form, Class<?> type) {
        TreeSet<String> paths = new TreeSet<>();
        components(type, "", paths);
        into.append(form).append(' ').append(form.newest()).append('\n');
        paths.forEach(p -> into.append("  ").append(p).append('\n'));
    }

    private static void components(Class<?> type, String at, TreeSet<String> into) {
        for (var c : type.getRecordComponents()) {
            String path = at + c.getName();
            into.add(path + ": " + c.getGenericType().getTypeName().replaceAll("[a-z]+\\.", ""));
            for (Class<?> inner : inner(c.getGenericType())) {
                components(inner, path + ".", into);
            }
        }
    }

    private static List<Class<?>> inner(java.lang.reflect.Type type) {
        if (type instanceof java.lang.reflect.ParameterizedType p) {
            return Arrays.stream(p.getActualTypeArguments())
                    .flatMap(a -> inner(a).stream())
                    .toList();
        }
        return type instanceof Class<?> c && c.isRecord() ? List.of(c) : List.of();
    }
}
