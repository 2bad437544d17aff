package gyrotaxis.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** A head is worked at the chair, with keys, with fingers, without a server, on two devices. */
@ExtendWith(Studio.class)
class ChairBrowserTest {
    /** A plan taken to the chair from the bench, so that tests do not meet in one visit. */
    private static void begin(Page page, String plan) {
        page.navigate("/book");
        Bench.tile(page, plan).click();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("take it to the chair"))
                .click();
        assertThat(done(page)).isVisible();
    }

    private static Locator done(Page page) {
        return page.locator("[data-key=done]");
    }

    private static String keyWords(Page page) {
        return done(page).innerText();
    }

    /** The step she is at as it is now; nothing once the last is done, which is not waited for. */
    private static String step(Page page) {
        return String.valueOf(page.evaluate("document.querySelector('[data-step]')?.dataset.step ?? ''"));
    }

    /** Presses the pedal, and waits until something else is asked. */
    static void pedal(Page page) {
        String before = keyWords(page)
                + step(page)
                + page.locator("[data-bead][data-done=HOOKED]").count();
        page.keyboard().press("PageDown");
        page.waitForCondition(() -> page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Finished"))
                        .isVisible()
                || page.locator("[data-step]").count() == 0
                || !before.equals(keyWords(page)
                        + step(page)
                        + page.locator("[data-bead][data-done=HOOKED]").count()));
    }

    private static void toHooking(Page page) {
        for (int i = 0; i < 200 && !keyWords(page).contains("Row done"); i++) {
            pedal(page);
        }
        assertThat(done(page)).containsText("Row done");
    }

    private static int hooked(Page page) {
        return page.locator("[data-share][data-done=HOOKED]").count();
    }

    private static void waitUntilSent(Page page) {
        page.waitForCondition(() -> page.locator("[data-unsent]").count() == 0);
    }

    private static void more(Page page, String what) {
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("more").setExact(true))
                .click();
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName(what).setExact(true))
                .click();
    }

    /** On a tablet held upright, with a foot pedal and nothing else: from the first step to the end. */
    @Test
    void aWholeHeadIsWorkedWithThePedalAlone(Page page) {
        page.setViewportSize(820, 1180);
        begin(page, "Cox coils");
        int shares = page.locator("[data-share]").count();
        for (int i = 0; i < 400 && page.locator("[data-step]").count() > 0; i++) {
            pedal(page);
        }
        assertThat(done(page)).containsText("Finish the visit");
        page.keyboard().press("PageDown");
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Finished")))
                .isVisible();
        assertThat(hooked(page)).isEqualTo(shares);
        waitUntilSent(page);
        page.reload();
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Finished")))
                .isVisible();
        assertThat(hooked(page)).isEqualTo(shares);
    }

    @Test
    void aFinishedVisitIsOpenedOnceMore(Page page) {
        begin(page, "Cox coils");
        more(page, "Finish the visit");
        Locator finished = page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Finished"));
        assertThat(finished).isVisible();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Open once more"))
                .click();
        assertThat(done(page)).isVisible();
        waitUntilSent(page);
        page.reload();
        assertThat(done(page)).isVisible();
    }

    /** Twenty things happen without a server, the tablet goes flat meanwhile, and nothing is lost. */
    @Test
    @Tag(Studio.KEPT)
    void nothingIsLostWithoutAServer(Page page) {
        begin(page, "Ball curls");
        // The page keeps itself only once its worker is ready.
        page.evaluate("navigator.serviceWorker.ready.then(() => true)");
        page.reload();
        assertThat(done(page)).isVisible();
        page.waitForFunction("navigator.serviceWorker.controller !== null");
        toHooking(page);
        waitUntilSent(page);
        BrowserContext context = page.context();
        context.setOffline(true);
        int before = hooked(page);
        for (int i = 0; i < 20; i++) {
            page.locator("[data-bead][data-done=TO_DO]").first().click();
            int now = before + i + 1;
            page.waitForCondition(() -> hooked(page) == now);
        }
        assertThat(page.locator("[data-unsent]")).containsText("kept on this device");
        page.reload();
        assertThat(done(page)).isVisible();
        assertThat(hooked(page)).isEqualTo(before + 20);
        context.setOffline(false);
        page.waitForCondition(
                () -> page.locator("[data-unsent]").count() == 0,
                new Page.WaitForConditionOptions().setTimeout(Studio.HANGS_MS));
        String id = page.url().replaceAll(".*/", "");
        assertThat(hookedOnTheServer(page, id)).isEqualTo(before + 20);
    }

    /** A chair that is left before the server heard of everything: the rest is sent from wherever she is. */
    @Test
    void whatWasLeftUnsentIsSentFromAnotherPlace(Page page) {
        begin(page, "Ball curls");
        toHooking(page);
        waitUntilSent(page);
        String id = page.url().replaceAll(".*/", "");
        int before = hooked(page);
        page.route("**/api/visits/*/events", Route::abort);
        pedal(page);
        int done = hooked(page);
        assertThat(done).isGreaterThan(before);
        page.getByLabel("Places")
                .getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName("book"))
                .click();
        assertThat(hookedOnTheServer(page, id)).isEqualTo(before);
        page.unroute("**/api/visits/*/events");
        page.evaluate("window.dispatchEvent(new Event('online'))");
        page.waitForCondition(
                () -> hookedOnTheServer(page, id) == done,
                new Page.WaitForConditionOptions().setTimeout(Studio.HANGS_MS));
    }

    private static int hookedOnTheServer(Page page, String id) {
        return (int)
                page.evaluate("id => fetch('/api/visits/' + id).then(r => r.json()).then(v => v.visit.hooked)", id);
    }

    /** What one device does the other shows at once, and both come to the same. */
    @Test
    void twoDevicesConverge(Page page) {
        begin(page, "Light twist");
        toHooking(page);
        waitUntilSent(page);
        BrowserContext other = page.context()
                .browser()
                .newContext(new Browser.NewContextOptions()
                        .setBaseURL(page.url().replaceAll("/chair/.*", ""))
                        .setViewportSize(820, 1180));
        Page there = other.newPage();
        there.navigate(page.url());
        assertThat(done(there)).isVisible();
        assertThat(hooked(there)).isEqualTo(hooked(page));
        pedal(page);
        int one = hooked(page);
        there.waitForCondition(() -> hooked(there) == one);
        // Both at once, without hearing of each other.
        page.locator("[data-bead][data-done=TO_DO]").first().click();
        there.locator("[data-bead][data-done=TO_DO]").nth(1).click();
        page.waitForCondition(() -> hooked(page) == hooked(there) && hooked(page) >= one + 2);
        waitUntilSent(page);
        waitUntilSent(there);
        assertThat(step(page)).isEqualTo(step(there));
        other.close();
    }

    @Test
    void beadsAreCountedSlipAndAreTakenBack(Page page) {
        begin(page, "Ball curls");
        toHooking(page);
        int before = hooked(page);
        page.locator("[data-bead]").nth(1).click();
        page.waitForCondition(() -> hooked(page) == before + 2);
        page.locator("[data-bead]").first().click();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("It slipped: to be hooked again"))
                .click();
        assertThat(page.locator("[data-bead]").first()).hasAttribute("data-done", "SLIPPED");
        page.keyboard().press("u");
        assertThat(page.locator("[data-bead]").first()).hasAttribute("data-done", "HOOKED");
        page.keyboard().press("PageUp");
        page.waitForCondition(() -> hooked(page) == before);
    }

    @Test
    void whatHappensBesidesIsPutDownAndBadFiguresAreRefusedAtTheirField(Page page) throws IOException {
        begin(page, "Ball curls");
        more(page, "Counted what is left");
        page.getByLabel("Loops left over, halves too").fill("12");
        assertThat(page.getByText("Only 0 loops were opened.")).isVisible();
        page.getByLabel("Loops left over, halves too").fill("many");
        assertThat(page.getByText("Write a number.")).isVisible();
        // What was written is asked for before it is left.
        page.keyboard().press("Escape");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Leave it"))
                .click();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("opened one"))
                .first()
                .click();
        assertThat(page.getByText("1 bundle opened")).isVisible();
        more(page, "Note");
        page.getByRole(AriaRole.TEXTBOX, new Page.GetByRoleOptions().setName("Note"))
                .fill("Thin ones to the front.");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Put it down"))
                .click();
        ByteArrayOutputStream png = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(60, 40, BufferedImage.TYPE_INT_RGB), "png", png);
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("more").setExact(true))
                .click();
        page.getByLabel("Picture", new Page.GetByLabelOptions().setExact(true))
                .last()
                .setInputFiles(new FilePayload("front.png", "image/png", png.toByteArray()));
        more(page, "Finish the visit");
        assertThat(page.getByText("Thin ones to the front.")).isVisible();
        assertThat(page.getByAltText("Taken at this visit")).isVisible();
        waitUntilSent(page);
        String source = page.url().replaceAll(".*/", "");
        page.waitForCondition(() -> Boolean.TRUE.equals(page.evaluate(
                "async id => { const v = await (await fetch('/api/visits/' + id)).json();"
                        + " const p = v.events.find(e => e.what.kind === 'PICTURED').what.picture;"
                        + " return (await fetch('/api/visits/' + id + '/pictures/' + p)).ok; }",
                source)));
    }

    @Test
    void theHairThatRunsOutIsSeenOnTheHeadAndSomethingIsDoneAboutIt(Page page) {
        page.navigate("/chair");
        page.getByText("Regatta deep wave").first().click();
        assertThat(page.getByText(Pattern.compile("the hair runs out|may run out")))
                .isVisible();
        int open = page.locator("[data-share][data-done=TO_DO]").count();
        assertThat(page.locator("[data-ends]")).isVisible();
        page.getByText("See what you can do").click();
        assertThat(page.getByText(Pattern.compile("If you go on as planned"))).isVisible();
        page.getByText("wider behind")
                .or(page.getByText("smaller shares at the sides"))
                .or(page.getByText("fetch more"))
                .first()
                .click();
        waitUntilSent(page);
        assertThat(page.locator("[data-share][data-done=TO_DO]").count()).isLessThanOrEqualTo(open);
        page.keyboard().press("u");
        page.waitForCondition(
                () -> page.locator("[data-share][data-done=TO_DO]").count() == open);
    }
}
