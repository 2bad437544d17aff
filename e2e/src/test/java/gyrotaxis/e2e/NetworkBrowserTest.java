package gyrotaxis.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.PlaywrightException;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.AriaRole;
import gyrotaxis.server.Gyrotaxis;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.context.ConfigurableApplicationContext;

/**
 * Two chairs, a tablet each, one machine behind the desk: over TLS, from browsers that trust the studio as a device does that was told to
 * once, and from one that was not.
 */
class NetworkBrowserTest {
    private static final String OWNERS = "three oars by the slipway";
    private static final String STYLISTS = "copper lamp under seven nets";

    @TempDir
    static Path folder;

    private static ConfigurableApplicationContext server;
    private static Playwright playwright;
    private static Browser trusting;
    private static Browser stranger;
    private static String address;

    @BeforeAll
    static void open() throws Exception {
        PlaywrightAssertions.setDefaultAssertionTimeout(Studio.HANGS_MS);
        Path data = folder.resolve("data");
        server = new SpringApplicationBuilder(Gyrotaxis.class)
                .run(
                        "--server.port=0",
                        "--gyrotaxis.studio=true",
                        "--gyrotaxis.plain-port=0",
                        "--gyrotaxis.demo=true",
                        Studio.SMALL_STUDIO,
                        "--gyrotaxis.data-dir=" + data);
        address = "https://127.0.0.1:" + server.getEnvironment().getProperty("local.server.port");
        playwright = Playwright.create(
                new Playwright.CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")));
        trusting = browser(home(data.resolve("door/authority.pem")));
        stranger = browser(Files.createDirectories(folder.resolve("stranger")));
    }

    /** The home of somebody who told her browser to trust an authority. */
    private static Path home(Path authority) throws IOException, InterruptedException {
        Path store = Files.createDirectories(folder.resolve("trusting/.pki/nssdb"));
        run("certutil", "-N", "-d", "sql:" + store, "--empty-password");
        run("certutil", "-A", "-d", "sql:" + store, "-t", "C,,", "-n", "studio", "-i", authority.toString());
        return folder.resolve("trusting");
    }

    private static void run(String... command) throws IOException, InterruptedException {
        Process p = new ProcessBuilder(command).inheritIO().start();
        assertThat(p.waitFor(1, TimeUnit.MINUTES) && p.exitValue() == 0)
                .as(String.join(" ", command))
                .isTrue();
    }

    private static Browser browser(Path home) {
        Map<String, String> env = new HashMap<>(System.getenv());
        env.put("HOME", home.toString());
        return playwright
                .chromium()
                .launch(new BrowserType.LaunchOptions()
                        .setExecutablePath(Studio.CHROMIUM)
                        .setEnv(env)
                        .setArgs(Studio.CHROMIUM_ARGS));
    }

    @AfterAll
    static void close() {
        trusting.close();
        stranger.close();
        playwright.close();
        server.close();
    }

    private static Page device(int width, int height) {
        BrowserContext context = trusting.newContext(
                new Browser.NewContextOptions().setBaseURL(address).setViewportSize(width, height));
        context.setDefaultTimeout(Studio.HANGS_MS);
        return context.newPage();
    }

    private static Locator button(Page page, String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    /** From the empty door to a stylist who works at the chair without a server, is signed out meanwhile, and comes back. */
    @Test
    void aTabletIsTrustedInvitedCutOffSignedOutAndLosesNothing() {
        assertThatNobodyIsBelievedWithoutTrust();
        Page desk = device(1280, 800);
        desk.navigate("/");
        desk.getByLabel("Your name").fill("Maren Quay");
        desk.getByLabel("Your passphrase").fill(OWNERS);
        button(desk, "It is mine").click();
        assertThat(desk.getByLabel("Maren Quay, signed in")).isVisible();
        desk.navigate("/door");
        button(desk, "Invite somebody").click();
        desk.getByLabel("Her name").fill("Bethan Skerry");
        button(desk, "Make her a link").click();
        String link = desk.getByText("/come-in#").textContent().replaceAll("https://[^/]+", "");

        Page tablet = device(1024, 768);
        tablet.navigate(link);
        assertThat(tablet.getByText("Welcome, Bethan Skerry")).isVisible();
        tablet.getByLabel("Your passphrase").fill(STYLISTS);
        tablet.getByLabel("This device").fill("by the door");
        button(tablet, "Come in").click();
        assertThat(tablet.getByLabel("Bethan Skerry, signed in")).isVisible();
        // What is the owner's alone is not offered, and not given.
        tablet.navigate("/book/people");
        assertThat(tablet.getByText("Orla Quillane").first()).isVisible();
        assertThat(button(tablet, "Somebody new")).hasCount(0);
        assertThat(tablet.evaluate("fetch('/api/door/deeds').then(r => r.status)"))
                .isEqualTo(403);

        // At the chair, cut off.
        tablet.navigate("/chair");
        tablet.getByText("Regatta deep wave").first().click();
        tablet.evaluate("navigator.serviceWorker.ready.then(() => true)");
        tablet.reload();
        tablet.waitForFunction("navigator.serviceWorker.controller !== null");
        String visit = tablet.url().replaceAll(".*/", "");
        tablet.waitForCondition(() -> hooked(tablet) > 0 && hookedThere(desk, visit) == hooked(tablet));
        int before = hooked(tablet);
        tablet.context().setOffline(true);
        hook(tablet, 3);
        assertThat(tablet.locator("[data-unsent]")).containsText("kept on this device");
        assertThat(hookedThere(desk, visit)).isEqualTo(before);

        // Meanwhile the owner ends her session.
        desk.reload();
        button(desk, "End it: Bethan Skerry, by the door").click();
        assertThat(button(desk, "End it: Bethan Skerry, by the door")).hasCount(0);
        tablet.context().setOffline(false);
        assertThat(tablet.getByText("Who is there?")).isVisible();
        tablet.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Bethan Skerry"))
                .click();
        tablet.getByLabel("Your passphrase").fill(STYLISTS);
        button(tablet, "Come in").click();
        assertThat(tablet.getByText("Who is there?")).hasCount(0);
        tablet.waitForCondition(
                () -> hookedThere(desk, visit) == before + 3,
                new Page.WaitForConditionOptions().setTimeout(Studio.HANGS_MS));
        // What lay below the door is as she left it.
        assertThat(tablet).hasURL(address + "/chair/" + visit);
        assertThat(hooked(tablet)).isEqualTo(before + 3);

        // Cut off once more, the page opens anew with all of it.
        tablet.context().setOffline(true);
        tablet.reload();
        tablet.waitForCondition(() -> hooked(tablet) == before + 3);
        tablet.context().setOffline(false);

        // The owner reads that somebody came in, and nothing of whom she hooked.
        desk.reload();
        assertThat(desk.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("What was done"))
                        .getByText("took an invitation"))
                .isVisible();
        String pictures = System.getProperty("screenshots");
        if (pictures != null) {
            assertThat(desk.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Another device"))
                            .locator("svg")
                            .first())
                    .isVisible();
            desk.screenshot(new Page.ScreenshotOptions().setPath(Path.of(pictures, "door.png")));
        }
    }

    private static void assertThatNobodyIsBelievedWithoutTrust() {
        Page page = stranger.newPage();
        String said = "";
        try {
            page.navigate(address + "/");
        } catch (PlaywrightException e) {
            said = e.getMessage();
        }
        assertThat(said).contains("ERR_CERT_AUTHORITY_INVALID");
        page.close();
    }

    private static int hooked(Page page) {
        return page.locator("[data-share][data-done=HOOKED]").count();
    }

    private static void hook(Page page, int many) {
        for (int i = 0; i < many; i++) {
            int now = hooked(page) + 1;
            page.locator("[data-bead][data-done=TO_DO]").first().click();
            page.waitForCondition(() -> hooked(page) == now);
        }
    }

    private static int hookedThere(Page page, String visit) {
        Object many =
                page.evaluate("id => fetch('/api/visits/' + id).then(r => r.json()).then(v => v.visit.hooked)", visit);
        return ((Number) many).intValue();
    }
}
