package gyrotaxis.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Mouse;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.SelectOption;
import java.io.IOException;
import java.nio.file.Files;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@ExtendWith(Studio.class)
class BenchTest {
    private static final String CLIENT = "Isolde Marrinquay";

    @Test
    void changesShowAtOnceAndAreKept(Page page) {
        Bench bench = Bench.begin(page, CLIENT);
        assertThat(bench.rows()).hasCount(19);
        int loops = bench.figure("loops");
        bench.step("Rows");
        bench.button("more: Rows in front").click();
        bench.button("more: Rows in front").click();
        assertThat(bench.rows()).hasCount(21);
        bench.step("Hair");
        for (int i = 0; i < 5; i++) {
            bench.button("more: Fullness").click();
        }
        assertThat(page.getByText("125%")).isVisible();
        bench.step("Head");
        bench.field("Round the head").fill("58");
        bench.field("Round the head").blur();
        bench.waitUntilSaved();
        int after = bench.figure("loops");
        assertThat(after).isGreaterThan(loops);

        bench.reload();
        assertThat(bench.rows()).hasCount(21);
        assertThat(bench.field("Round the head")).hasValue("58.0");
        assertThat(bench.figure("loops")).isEqualTo(after);
    }

    @Test
    void anotherHairAnotherCount(Page page) {
        Bench bench = Bench.begin(page, CLIENT).step("Hair");
        int stations = bench.stations().count();
        bench.field("Hair").selectOption(new SelectOption().setLabel("Moonglade Silk, silky loose wave"));
        assertThat(page.getByText("€8.20").first()).isVisible();
        assertThat(bench.tape("packs to buy").or(bench.tape("pack to buy"))).containsText("× 12 loops");
        assertThat(bench.stations().count()).isNotEqualTo(stations);
        bench.step("Counts");
        assertThat(page.getByText("loops left whole")).isVisible();
    }

    @Test
    void theEarLineIsTakenHoldOfByHandAndByKey(Page page) {
        Bench bench = Bench.begin(page, CLIENT).step("Parts");
        Locator line = bench.earLine();
        assertThat(line).hasAttribute("aria-valuenow", "12");
        BoundingBox grip = line.locator("rect").boundingBox();
        page.mouse().move(grip.x + grip.width / 2, grip.y + grip.height / 2);
        page.mouse().down();
        page.mouse().move(grip.x + grip.width / 2, grip.y + grip.height / 2 + 20, new Mouse.MoveOptions().setSteps(6));
        page.mouse().up();
        int dragged = Integer.parseInt(line.getAttribute("aria-valuenow"));
        assertThat(dragged).isBetween(18, 30);
        assertThat(bench.field("Behind the ears")).hasValue(String.format("%.1f", dragged / 10.0));

        bench.button("undo").click();
        assertThat(line).hasAttribute("aria-valuenow", "12");
        line.focus();
        page.keyboard().press("ArrowUp");
        page.keyboard().press("Shift+ArrowDown");
        assertThat(line).hasAttribute("aria-valuenow", "8");
        page.keyboard().press("Control+z");
        assertThat(line).hasAttribute("aria-valuenow", "12");
        page.keyboard().press("Control+Shift+z");
        assertThat(line).hasAttribute("aria-valuenow", "8");
    }

    @Test
    void rowsAndStationsTellAboutThemselves(Page page) {
        Bench bench = Bench.begin(page, CLIENT);
        Locator third = page.locator("[data-handle=F3]");
        page.locator("[data-handle=B1]").focus();
        page.keyboard().press("ArrowLeft");
        third.focus();
        page.keyboard().press("Enter");
        assertThat(third).hasAttribute("aria-pressed", "true");
        assertThat(page.getByRole(AriaRole.STATUS)
                        .getByText("front row 3", new Locator.GetByTextOptions().setExact(true)))
                .isVisible();
        // Let go of, it is left for the next.
        page.keyboard().press("Escape");
        page.keyboard().press("ArrowRight");
        assertThat(page.locator("[data-handle=F4]")).isFocused();
        bench.stations().nth(30).hover();
        assertThat(page.getByText("centre to centre")
                        .or(page.getByText("after the last"))
                        .first())
                .isVisible();
        page.keyboard().press("Escape");
    }

    @Test
    void unitsSwitchEverywhere(Page page) {
        Bench bench = Bench.begin(page, CLIENT);
        page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("inches"))
                .click();
        assertThat(bench.field("Round the head")).hasValue("22 ¼");
        page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("fingers"))
                .click();
        bench.unfold("3 more measures").field("Nape width").fill("7 fingers");
        bench.field("Nape width").blur();
        page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("cm"))
                .click();
        assertThat(bench.field("Nape width")).hasValue("12.6");
    }

    @Test
    void whatCannotBeUsedIsSaidAtItsFieldAndTheLastPlanStays(Page page) {
        Bench bench = Bench.begin(page, CLIENT);
        int loops = bench.figure("loops");
        Locator round = bench.field("Round the head");
        round.fill("6");
        assertThat(page.getByText("Round the head must be between 43.0 cm and 69.0 cm."))
                .isVisible();
        assertThat(round).hasAttribute("aria-invalid", "true");
        assertThat(bench.figure("loops")).isEqualTo(loops);
        page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("inches"))
                .click();
        assertThat(page.getByText(Pattern.compile("must be between 17 in and 27 in")))
                .isVisible();
        page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("cm"))
                .click();

        round.fill("wide");
        round.blur();
        assertThat(page.getByText("Write a length")).isVisible();
        // Nothing typed is lost, though it cannot be used yet.
        page.reload();
        assertThat(bench.field("Round the head")).hasValue("wide");
        bench.field("Round the head").fill("56.5");
        bench.waitUntilSaved();

        bench.field("Ear to ear over the top").fill("42.5");
        assertThat(page.getByRole(AriaRole.ALERT)
                        .getByText("the other measures make it")
                        .first())
                .isVisible();
        assertThat(bench.field("Ear to ear over the top")).hasAttribute("aria-invalid", "true");
        bench.button("undo").click();
        assertThat(bench.field("Ear to ear over the top")).hasValue("33.0");
        bench.waitUntilSaved();
    }

    @Test
    void aRemedyIsOneStepAndCanBeUndone(Page page) {
        Bench bench = Bench.begin(page, "Bettany Holm").step("Rows");
        for (int i = 0; i < 8; i++) {
            bench.button("less: Rows in front").click();
        }
        assertThat(page.locator("[data-row^=F]")).hasCount(6);
        Locator remedy = page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("Braid \\d+ rows in front")));
        int offered = Integer.parseInt(remedy.innerText().replaceAll("\\D", ""));
        remedy.click();
        assertThat(remedy).isHidden();
        assertThat(page.locator("[data-row^=F]")).hasCount(offered);
        bench.button("undo").click();
        assertThat(page.locator("[data-row^=F]")).hasCount(6);
    }

    @Test
    void theDrawingIsSavedAtTrueScale(Page page) throws IOException {
        Bench bench = Bench.begin(page, CLIENT);
        Download download =
                page.waitForDownload(() -> bench.button("drawing (SVG)").click());
        assertThat(download.suggestedFilename()).endsWith(".svg");
        String svg = Files.readString(download.path());
        assertThat(svg)
                .startsWith("<svg")
                .contains("width=\"344mm\"")
                .contains("her left")
                .contains("5 cm");
        assertThat(svg).doesNotContain("var(--");
    }

    @Test
    void twoTabsDoNotOverwriteEachOther(Page page) {
        Bench bench = Bench.begin(page, CLIENT).step("Hair");
        bench.waitUntilSaved();
        Page other = page.context().newPage();
        other.navigate(page.url());
        assertThat(other.locator("[data-row]").first()).isVisible();
        other.keyboard().press("l");
        other.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("more: Fullness"))
                .click();
        assertThat(other.locator("[data-saving=saved]")).isVisible();
        assertThat(other.getByText("105%")).isVisible();

        bench.button("less: Fullness").click();
        assertThat(page.getByText("This plan was changed elsewhere")).isVisible();
        bench.button("Show the other, keep mine under undo").click();
        assertThat(page.getByText("105%")).isVisible();
        bench.button("undo").click();
        assertThat(page.getByText("95%")).isVisible();
        bench.waitUntilSaved();
        other.close();
    }

    @Test
    void theServerMayGoAwayAndComeBack(Page page) {
        Bench bench = Bench.begin(page, CLIENT).step("Hair");
        bench.waitUntilSaved();
        page.route("**/api/plans/*", Route::abort);
        bench.button("more: Fullness").click();
        assertThat(page.locator("[data-saving=away]")).isVisible();
        page.unroute("**/api/plans/*");
        bench.waitUntilSaved();
        bench.reload();
        assertThat(bench.step("Hair").page.getByText("105%")).isVisible();
    }

    @Test
    void leavingAtOnceLosesNothing(Page page) {
        Bench bench = Bench.begin(page, CLIENT).step("Rows");
        bench.waitUntilSaved();
        String here = page.url();
        bench.button("more: Rows behind").click();
        page.navigate("about:blank");
        page.navigate(here);
        assertThat(page.locator("[data-row^=B]")).hasCount(6);
        bench.waitUntilSaved();
    }

    @Test
    void aPlanWithoutANameIsKeptUnderItsLast(Page page) {
        Bench bench = Bench.begin(page, CLIENT).step("Rows");
        Locator name = bench.field("Name of the plan");
        name.fill("Regatta week");
        bench.waitUntilSaved();
        name.fill("");
        bench.button("more: Rows in front").click();
        bench.waitUntilSaved();
        bench.reload();
        assertThat(name).hasValue("Regatta week");
        assertThat(bench.rows()).hasCount(20);
    }

    @Test
    void whatWasDoneCanBeUndoneAfterAReload(Page page) {
        Bench bench = Bench.begin(page, CLIENT).step("Rows");
        bench.button("more: Rows in front").click();
        assertThat(bench.rows()).hasCount(20);
        bench.reload();
        bench.button("undo").click();
        assertThat(bench.rows()).hasCount(19);
        bench.button("redo").click();
        assertThat(bench.rows()).hasCount(20);
        bench.waitUntilSaved();
    }

    @Test
    void theBookShowsWhatWasDoneALastMomentAgo(Page page) {
        Bench bench = Bench.begin(page, CLIENT).step("Rows");
        bench.waitUntilSaved();
        String here = page.url();
        bench.button("more: Rows in front").click();
        page.getByRole(
                        AriaRole.LINK,
                        new Page.GetByRoleOptions().setName("book").setExact(true))
                .click();
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName(CLIENT)))
                .isVisible();
        page.evaluate("() => window.sessionStorage.clear()");
        page.navigate(here);
        assertThat(bench.rows()).hasCount(20);
    }
}
