package gyrotaxis.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.LoadState;
import com.microsoft.playwright.options.SelectOption;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;
import org.junit.jupiter.api.extension.ExtendWith;

/** Takes the pictures in docs/screenshots from the demo data; run by {@code ./gyrotaxis screenshots}. */
@ExtendWith(Studio.class)
@EnabledIfSystemProperty(named = "screenshots", matches = ".+")
class Screenshots {
    private final Path folder = Path.of(System.getProperty("screenshots", "."));

    @Test
    void book(Page page) {
        page.navigate("/book");
        assertThat(page.getByLabel("Is due").getByRole(AriaRole.LISTITEM).first())
                .isVisible();
        page.waitForLoadState(LoadState.NETWORKIDLE);
        take(page, "book");
    }

    @Test
    void bench(Page page) {
        open(page, "Regatta deep wave");
        page.keyboard().press("r");
        take(page, "bench-rows");
        page.keyboard().press("h");
        page.setViewportSize(820, 1180);
        take(page, "bench-tablet");
    }

    @Test
    void parts(Page page) {
        open(page, "Prize giving silk");
        page.keyboard().press("p");
        layer(page, "shares");
        take(page, "bench-parts");
    }

    @Test
    void hookedAndWorn(Page page) {
        open(page, "Regatta deep wave");
        page.keyboard().press("k");
        layer(page, "hook");
        take(page, "bench-knots");
        layer(page, "hook");
        page.keyboard().press("w");
        layer(page, "cover");
        page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("high ponytail"))
                .click();
        assertThat(page.getByText("of the nape shows").first()).isVisible();
        take(page, "bench-wear");
        page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("down, part 1"))
                .click();
        page.getByRole(AriaRole.NAVIGATION, new Page.GetByRoleOptions().setName("Steps of the plan"))
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Counts"))
                .click();
        new Bench(page).unfold("Balance");
        button(page, "Best for these");
        assertThat(page.getByText("loops instead of")).isVisible();
        assertDrawn(page.getByAltText("What it will look like"));
        take(page, "bench-counts");
    }

    @Test
    void whatIfAndFills(Page page) {
        open(page, "Light twist");
        page.keyboard().press("k");
        page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("Fills"))
                .click();
        assertThat(page.locator("[data-fills] > g").first()).isAttached();
        page.keyboard().press("l");
        button(page, "what if");
        for (int i = 0; i < 4; i++) {
            button(page, "more: Fullness");
        }
        assertThat(page.getByText("wished fullness")).isVisible();
    }

    @Test
    void learned(Page page) {
        page.navigate("/book/learned");
        page.getByLabel("Which hair").selectOption(new SelectOption().setLabel("Slack Water Deep, deep wave"));
        assertThat(page.getByText("Loops for each planned")).isVisible();
        page.waitForLoadState(LoadState.NETWORKIDLE);
        take(page, "learned");
    }

    @Test
    void drill(Page page) {
        page.navigate("/practice/drill/CUT?level=3&seed=41");
        page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("What can be chosen"))
                .getByRole(AriaRole.BUTTON)
                .first()
                .click();
        button(page, "Answer");
        assertThat(page.getByText(Pattern.compile("^(✓ Right|✕ Not so)$"))).isVisible();
        take(page, "drill");
    }

    @Test
    void client(Page page) {
        page.navigate("/book");
        page.getByLabel("Find anything").fill("lanternby");
        page.getByRole(AriaRole.OPTION).first().click();
        assertThat(page.getByText("Last time, ")).isVisible();
        assertDrawn(page.locator("img[src*='/still']").first());
        page.waitForLoadState(LoadState.NETWORKIDLE);
        take(page, "client");
    }

    @Test
    void compared(Page page) {
        open(page, "Regatta deep wave");
        page.keyboard().press("r");
        button(page, "Compare foundations");
        button(page, "a third");
        choose(page, 2, "straight back");
        choose(page, 3, "cross-tied");
        assertThat(page.getByLabel("Map of foundation 3")).isVisible();
        assertDrawn(page.getByAltText("Foundation 3 worn down"));
        take(page, "compare");
    }

    @Test
    void chair(Page page) {
        page.navigate("/chair");
        page.getByText("Regatta deep wave").click();
        assertThat(page.getByText("See what you can do")).isVisible();
        page.waitForLoadState(LoadState.LOAD);
        take(page, "chair");
        page.setViewportSize(820, 1180);
        button(page, "mirror");
        take(page, "chair-tablet");
    }

    @Test
    void inTheRound(Page page) {
        open(page, "Regatta deep wave");
        button(page, "in the round");
        assertThat(page.locator("canvas")).isVisible();
        page.waitForLoadState(LoadState.NETWORKIDLE);
        // In all its bands, and twice as fine, once it stands still.
        page.waitForTimeout(4000);
        take(page, "bench-round");
    }

    @Test
    void messages(Page page) {
        page.navigate("/book/messages");
        assertThat(page.getByText("In your words")).isVisible();
        page.waitForLoadState(LoadState.NETWORKIDLE);
        take(page, "messages");
    }

    @Test
    void sheet(Page page) throws IOException {
        open(page, "Prize giving silk");
        Download svg = page.waitForDownload(() -> button(page, "pattern sheet (SVG)"));
        page.setViewportSize(900, 1273);
        page.setContent("<body style='margin:0'>"
                + Files.readString(svg.path()).replace("210mm", "900").replace("297mm", "1273"));
        take(page, "sheet");
    }

    @Test
    void benchOnAPhoneAtNight(Page page) {
        open(page, "Ball curls");
        button(page, "Low glare");
        page.setViewportSize(390, 844);
        button(page, "Draw the sheet up");
        page.keyboard().press("l");
        take(page, "bench-phone");
    }

    @Test
    void shelf(Page page) {
        page.navigate("/shelf");
        assertThat(page.getByText("Moonglade Silk")).isVisible();
        take(page, "shelf");
    }

    /** Heads of hair are drawn once nobody has touched the page for a while, one after the other. */
    private static void assertDrawn(Locator head) {
        assertThat(head).isVisible(new LocatorAssertions.IsVisibleOptions().setTimeout(Studio.HANGS_MS));
        assertThat(head).hasJSProperty("complete", true);
    }

    private static void button(Page page, String name) {
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName(name).setExact(true))
                .click();
    }

    private static void layer(Page page, String name) {
        button(page, name);
    }

    private static void choose(Page page, int column, String foundation) {
        page.getByLabel("Foundation " + column, new Page.GetByLabelOptions().setExact(true))
                .selectOption(foundation);
        page.waitForLoadState(LoadState.NETWORKIDLE);
    }

    private static void open(Page page, String plan) {
        page.navigate("/book");
        // After a year the book is longer than what of it is shown at first.
        page.getByLabel("Find anything").fill(plan);
        page.getByRole(AriaRole.OPTION)
                .filter(new Locator.FilterOptions().setHasText(Pattern.compile("^plan\\s*" + plan)))
                .first()
                .click();
        assertThat(page.locator("[aria-label='Ear line']")).isVisible();
        page.mouse().move(640, 20);
    }

    private void take(Page page, String name) {
        page.evaluate("document.fonts.ready");
        page.waitForTimeout(300);
        page.screenshot(new Page.ScreenshotOptions().setPath(folder.resolve(name + ".png")));
    }
}
