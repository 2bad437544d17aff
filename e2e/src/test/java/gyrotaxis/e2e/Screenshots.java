package gyrotaxis.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.LoadState;
import java.nio.file.Path;
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
        assertThat(page.getByText("in the chair").nth(6)).isVisible();
        page.waitForLoadState(LoadState.NETWORKIDLE);
        take(page, "book");
    }

    @Test
    void bench(Page page) {
        open(page, "Regatta deep wave");
        take(page, "bench-head");
        page.keyboard().press("r");
        page.locator("[data-handle=F10]").focus();
        page.keyboard().press("Enter");
        take(page, "bench-rows");
    }

    @Test
    void parts(Page page) {
        open(page, "Prize giving silk");
        page.keyboard().press("p");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("braiding order"))
                .click();
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("stations").setExact(true))
                .click();
        page.mouse().move(640, 20);
        take(page, "bench-parts");
    }

    @Test
    void benchAtNight(Page page) {
        open(page, "Ball curls");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Low glare"))
                .click();
        page.keyboard().press("l");
        take(page, "bench-hair-low-glare");
    }

    @Test
    void shelf(Page page) {
        page.navigate("/shelf");
        assertThat(page.getByText("Moonglade Silk")).isVisible();
        take(page, "shelf");
    }

    private static void open(Page page, String plan) {
        page.navigate("/book");
        page.getByText(plan).click();
        assertThat(page.locator("[aria-label='Ear line']")).isVisible();
        page.mouse().move(640, 20);
    }

    private void take(Page page, String name) {
        page.evaluate("document.fonts.ready");
        page.screenshot(new Page.ScreenshotOptions().setPath(folder.resolve(name + ".png")));
    }
}
