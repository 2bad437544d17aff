package gyrotaxis.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Mouse;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Foundations on the bench: families, regions, single rows, tails, remedies, comparison, sheet. */
@ExtendWith(Studio.class)
class FoundationBrowserTest {
    private static final String CLIENT = "Odalys Fenwright";

    private static Locator radio(Page page, String name) {
        return page.getByRole(
                AriaRole.RADIO, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    private static void tab(Page page, String name) {
        page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName(name)).click();
    }

    private static void hold(Page page, String row) {
        page.locator("[data-handle='" + row + "']").focus();
        page.keyboard().press("Enter");
    }

    private static Locator rowsOf(Page page, String letter) {
        return page.locator("[data-row^='" + letter + "']");
    }

    @Test
    void everyFamilyIsLaidAndUndone(Page page) {
        Bench bench = Bench.begin(page, CLIENT).step("Rows");
        assertThat(rowsOf(page, "B")).hasCount(5);
        radio(page, "switchback").click();
        assertThat(rowsOf(page, "L")).hasCount(4);
        bench.button("more: Level rows").click();
        assertThat(rowsOf(page, "L")).hasCount(5);
        bench.unfold("More of the pattern");
        page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("collected"))
                .click();
        assertThat(rowsOf(page, "C")).hasCount(2);
        radio(page, "cross-tied").click();
        assertThat(rowsOf(page, "X")).hasCount(2);
        radio(page, "spiral").click();
        assertThat(rowsOf(page, "S")).hasCount(1);
        assertThat(rowsOf(page, "F")).hasCount(0);
        radio(page, "cap-backed").click();
        assertThat(rowsOf(page, "B")).hasCount(5);
        radio(page, "weft-backed").click();
        assertThat(rowsOf(page, "L")).hasCount(5);
        bench.step("Counts").unfold("Besides loops");
        assertThat(page.getByText("weft, doubled")).isVisible();
        // Changes made within a moment of each other are undone together.
        while (bench.button("undo").isEnabled()) {
            bench.button("undo").click();
        }
        assertThat(rowsOf(page, "B")).hasCount(5);
        bench.waitUntilSaved();
    }

    @Test
    void aRegionIsDrawnNamedKeptWithTheHeadAndErased(Page page) {
        Bench bench = Bench.begin(page, CLIENT).step("Head");
        bench.unfold("Regions of the scalp").button("tender").click();
        Locator map = page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Map of the scalp, front up"));
        BoundingBox box = map.boundingBox();
        double x = box.x + box.width / 2 - 70;
        double y = box.y + box.height / 2 + 40;
        page.mouse().move(x + 30, y);
        page.mouse().down();
        for (int i = 1; i <= 24; i++) {
            double t = 2 * Math.PI * i / 24;
            page.mouse().move(x + 30 * Math.cos(t), y + 30 * Math.sin(t), new Mouse.MoveOptions().setSteps(2));
        }
        page.mouse().up();
        Locator name = page.getByLabel("tender", new Page.GetByLabelOptions().setExact(true));
        assertThat(name).hasValue("tender place");
        name.fill("left of the crown");
        assertThat(page.getByText("Left of the crown (tender)")).isVisible();
        // Taken in the middle and moved by key, it stays itself.
        Locator grip = page.getByRole(AriaRole.SLIDER, new Page.GetByRoleOptions().setName("Region left of the crown"));
        grip.focus();
        page.keyboard().press("ArrowDown");
        bench.unfold("Her head in the book").button("Keep as her head of today").click();
        assertThat(bench.button("Kept with her")).isVisible();
        bench.reload();
        bench.step("Head");
        assertThat(page.getByLabel("tender", new Page.GetByLabelOptions().setExact(true)))
                .hasValue("left of the crown");
        bench.button("Remove left of the crown").click();
        assertThat(page.getByText("Left of the crown (tender)")).hasCount(0);
        bench.button("undo").click();
        assertThat(page.getByText("Left of the crown (tender)")).isVisible();
        bench.waitUntilSaved();
    }

    @Test
    void theHairlineIsShapedOnTheMap(Page page) {
        Bench bench = Bench.begin(page, CLIENT).step("Head");
        Locator temple = page.getByRole(AriaRole.SLIDER, new Page.GetByRoleOptions().setName("Left temple"));
        String before = temple.getAttribute("aria-valuenow");
        temple.focus();
        page.keyboard().press("ArrowDown");
        page.keyboard().press("ArrowDown");
        assertThat(temple).hasAttribute("aria-valuenow", String.valueOf(Integer.parseInt(before) + 4));
        bench.unfold("Hairline");
        page.getByLabel("It comes down in a peak").check();
        Locator peak = page.getByRole(AriaRole.SLIDER, new Page.GetByRoleOptions().setName("Peak"));
        assertThat(peak).hasAttribute("aria-valuenow", "10");
        bench.step("Parts").button("middle").click();
        Locator beside = page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Start it beside the peak, on her left"));
        beside.click();
        assertThat(beside).hasCount(0);
        bench.waitUntilSaved();
    }

    @Test
    void aTailIsReroutedByTouchingTheRowThatTakesIt(Page page) {
        Bench bench = Bench.begin(page, CLIENT).step("Rows");
        hold(page, "B1");
        tab(page, "One row");
        assertThat(page.getByText("(suggested)")).isVisible();
        bench.button("Feed it into a row on the map").click();
        hold(page, "B3");
        assertThat(page.getByText("(your choice)")).isVisible();
        assertThat(page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Its tail")))
                .containsText("fed into back row 3");
        Locator along = page.getByLabel("enters along");
        along.focus();
        page.keyboard().press("ArrowLeft");
        page.keyboard().press("ArrowLeft");
        assertThat(along).hasValue("65");
        assertThat(page.getByText("65%")).isVisible();
        // Back into the first: neither could be braided first. It is said there, and the map keeps the last plan.
        hold(page, "B3");
        page.getByLabel("or into", new Page.GetByLabelOptions().setExact(true)).selectOption("B1");
        assertThat(page.getByText("neither could be braided first").first()).isVisible();
        assertThat(rowsOf(page, "B")).hasCount(5);
        bench.button("undo").click();
        assertThat(page.getByText("neither could be braided first")).hasCount(0);
        bench.button("stitch").click();
        assertThat(page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Its tail")))
                .containsText("stitched down");
        bench.reload();
        bench.step("Rows");
        hold(page, "B1");
        tab(page, "One row");
        assertThat(page.getByText("(your choice)")).isVisible();
    }

    @Test
    void aSingleRowIsPartedMovedAndPutBack(Page page) {
        Bench bench = Bench.begin(page, CLIENT).step("Rows");
        hold(page, "F4");
        tab(page, "One row");
        bench.button("part in two").click();
        assertThat(rowsOf(page, "F")).hasCount(15);
        bench.button("to her left").click();
        bench.button("wider").click();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("Undo 3 changes")))
                .click();
        assertThat(rowsOf(page, "F")).hasCount(14);
        bench.waitUntilSaved();
    }

    @Test
    void aRowIsDrawnAsideByItsStart(Page page) {
        Bench bench = Bench.begin(page, CLIENT).step("Rows");
        Locator row = page.locator("[data-row='F4'] path").first();
        String before = row.getAttribute("d");
        bench.drag(page.locator("[data-handle='F4']"), 14, 2);
        assertThat(row).not().hasAttribute("d", before);
        tab(page, "One row");
        assertThat(page.getByRole(
                        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("Undo 1 change"))))
                .isVisible();
        bench.reload();
        assertThat(row).not().hasAttribute("d", before);
    }

    @Test
    void thePerimeterBraidIsDrawnInAndLetGoByEscape(Page page) {
        Bench bench = Bench.begin(page, CLIENT).step("Rows");
        tab(page, "Hairline");
        page.getByLabel("Perimeter braid", new Page.GetByLabelOptions().setExact(true))
                .selectOption("all round");
        Locator line = page.getByRole(AriaRole.SLIDER, new Page.GetByRoleOptions().setName("Perimeter braid line"));
        assertThat(line).hasAttribute("aria-valuenow", "10");
        bench.drag(line, -12, 0);
        int drawn = Integer.parseInt(line.getAttribute("aria-valuenow"));
        assertThat(drawn).isBetween(12, 25);
        line.hover();
        page.mouse().down();
        page.mouse().move(0, 0);
        assertThat(line).not().hasAttribute("aria-valuenow", String.valueOf(drawn));
        page.keyboard().press("Escape");
        assertThat(line).hasAttribute("aria-valuenow", String.valueOf(drawn));
        page.mouse().up();
        bench.button("undo").click();
        assertThat(line).hasAttribute("aria-valuenow", "10");
    }

    @Test
    void aRemedyAgainstStripesLaysAnOverlayAndIsUndone(Page page) {
        Bench bench = Bench.begin(page, CLIENT).step("Client");
        bench.unfold("Her scalp").button("thin crown").click();
        Locator remedy = bench.button("Lay an overlay row at the crown");
        remedy.click();
        assertThat(rowsOf(page, "O")).hasCount(1);
        assertThat(remedy).hasCount(0);
        bench.button("undo").click();
        assertThat(rowsOf(page, "O")).hasCount(0);
        assertThat(remedy).isVisible();
        bench.waitUntilSaved();
    }

    @Test
    void whatDoesNotGoTogetherIsSaidAndTheLastPlanStays(Page page) {
        Bench bench = Bench.begin(page, CLIENT).step("Parts");
        bench.button("middle").click();
        assertThat(page.getByRole(AriaRole.SLIDER, new Page.GetByRoleOptions().setName("Part 1, start")))
                .isVisible();
        bench.step("Rows");
        radio(page, "spiral").click();
        assertThat(page.getByText("A spiral winds across every part").first()).isVisible();
        assertThat(rowsOf(page, "F")).hasCount(14);
        bench.button("undo").click();
        assertThat(page.getByText("A spiral winds across every part")).hasCount(0);
        bench.waitUntilSaved();
    }

    @Test
    void twoFoundationsAreComparedAndOneChosen(Page page) {
        Bench bench = Bench.begin(page, CLIENT).step("Rows");
        bench.unfold("My patterns").field("Keep this one as").fill("Ball five");
        bench.button("Keep the pattern").click();
        assertThat(bench.button("Ball five")).isVisible();
        bench.button("Compare foundations").click();
        Locator maps =
                page.getByRole(AriaRole.IMG, new Page.GetByRoleOptions().setName(Pattern.compile("Map of foundation")));
        assertThat(maps).hasCount(2);
        bench.button("a third").click();
        page.getByLabel("Foundation 3", new Page.GetByLabelOptions().setExact(true))
                .selectOption("mine: Ball five");
        assertThat(maps).hasCount(3);
        assertThat(page.getByText("greatest bulk, against a single row")).isVisible();
        bench.button("Choose this one").first().click();
        assertThat(rowsOf(page, "L")).hasCount(4);
        bench.step("Rows");
        bench.button("Ball five").click();
        assertThat(rowsOf(page, "L")).hasCount(0);
        bench.button("Throw away Ball five").click();
        assertThat(bench.button("Ball five")).hasCount(0);
        bench.waitUntilSaved();
    }

    @Test
    void theSheetIsOnePageToPrint(Page page) throws IOException {
        Bench bench = Bench.begin(page, CLIENT);
        bench.waitUntilSaved();
        Download svg =
                page.waitForDownload(() -> bench.button("pattern sheet (SVG)").click());
        String drawing = Files.readString(svg.path());
        assertThat(drawing)
                .contains("width=\"210mm\"", "Odalys Fenwright", "Braiding, in order", "from behind")
                .doesNotContain("var(--");
        Download pdf =
                page.waitForDownload(() -> bench.button("pattern sheet (PDF)").click());
        String bytes = Files.readString(pdf.path(), StandardCharsets.ISO_8859_1);
        assertThat(pdf.suggestedFilename()).endsWith(".pdf");
        assertThat(bytes).startsWith("%PDF-").contains("/Count 1");
        assertThat(bytes.length()).isGreaterThan(20_000);
    }

    @Test
    void orderHairlineAndUpdosTellAboutTheFoundation(Page page) {
        Bench bench = Bench.begin(page, CLIENT).step("Rows");
        tab(page, "Order");
        assertThat(page.getByText("Part from ear to ear")).isVisible();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^\\d+\\s*back row 3")))
                .first()
                .click();
        tab(page, "Hairline");
        page.getByLabel("Perimeter braid", new Page.GetByLabelOptions().setExact(true))
                .selectOption("all round");
        assertThat(rowsOf(page, "P")).hasCount(2);
        page.getByRole(AriaRole.RADIOGROUP, new Page.GetByRoleOptions().setName("Lines of singles, the nape"))
                .getByText("one line")
                .click();
        assertThat(rowsOf(page, "I")).hasCount(6);
        page.getByLabel("more: how many, the nape").click();
        assertThat(rowsOf(page, "I")).hasCount(7);
        bench.field("Bases are deep").fill("9");
        assertThat(page.getByText("Bases are deep must be between 0.6 cm and 2.5 cm."))
                .isVisible();
        bench.field("Bases are deep").fill("1.6");
        bench.step("Wear");
        bench.unfold("Edges of updos");
        assertThat(page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("high ponytail")))
                .containsText("carries it");
        bench.waitUntilSaved();
    }
}
