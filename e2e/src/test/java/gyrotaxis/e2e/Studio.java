package gyrotaxis.e2e;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.Request;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.ServiceWorkerPolicy;
import gyrotaxis.server.Gyrotaxis;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.extension.AfterEachCallback;
import org.junit.jupiter.api.extension.BeforeEachCallback;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.junit.jupiter.api.extension.ExtensionContext.Namespace;
import org.junit.jupiter.api.extension.ParameterContext;
import org.junit.jupiter.api.extension.ParameterResolver;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.util.FileSystemUtils;

/**
 * The real application with the demo studio, and a real browser on it: each test gets a fresh page of 1280 × 800. A test
 * fails if its page reports an error that is not an expected refusal by the server.
 */
public final class Studio implements ParameterResolver, BeforeEachCallback, AfterEachCallback {
    /** Without a graphics card the processor draws flat pages itself, many times faster than by way of software GL. */
    static final List<String> CHROMIUM_ARGS = List.of(
            "--no-sandbox",
            "--disable-quic",
            "--no-first-run",
            "--disable-background-networking",
            "--disable-component-update",
            "--disable-sync");

    private static final Namespace HERE = Namespace.create(Studio.class);

    /** What takes this long hangs. Nothing else is told by the clock: a busy machine may be many times slower than a quiet one. */
    static final double HANGS_MS = 300_000;

    /** The made-up studio without its past year; only pictures show the whole of it. */
    static final String SMALL_STUDIO = "--gyrotaxis.demo-book=file:../server/src/test/resources/demo/small.zip";

    private static final String BOOK = System.getProperty("screenshots") == null
            ? SMALL_STUDIO
            : "--gyrotaxis.demo-book=classpath:demo/studio.zip";

    /** The tag of what needs a page that the browser keeps. */
    static final String KEPT = "kept";

    /** Without the windows of a desktop browser, each of which draws a frame of its own, its tests take half the time. */
    static final Path CHROMIUM = Path.of("/usr/bin/chromium-headless-shell");

    /** Everything that is started once; closed when the test run ends. */
    record Running(ConfigurableApplicationContext server, Path folder, Playwright playwright, Browser browser)
            implements AutoCloseable {
        @Override
        public void close() throws IOException {
            browser.close();
            playwright.close();
            server.close();
            FileSystemUtils.deleteRecursively(folder);
        }
    }

    /** Waits until everything that was set moving on a page has come to rest. */
    static void settle(Page page) {
        page.waitForFunction("() => document.getAnimations().every("
                + "a => a.playState !== 'running' || a.effect.getComputedTiming().endTime === Infinity)");
        // What was laid out last is drawn at the next frame but one.
        page.evaluate("() => new Promise(drawn => requestAnimationFrame(() => requestAnimationFrame(drawn)))");
    }

    /** One test's browser window, and what its page complained of. */
    private record Window(BrowserContext context, Page page, List<String> complaints, Set<Request> pending) {
        /** What somebody would look at first who was not there when a test failed. */
        void tellOf(String test) {
            Path picture = Path.of("target", "failed", test.replaceAll("\\W+", "-") + ".png");
            System.out.printf(
                    "%s failed at %s%n  asked and not answered: %s%n  the page said: %s%n  it read: %s%n  a picture: %s%n",
                    test,
                    page.url(),
                    pending.stream().map(r -> r.method() + " " + r.url()).toList(),
                    complaints,
                    page.locator("body").innerText().replaceAll("\\s+", " "),
                    picture);
            page.screenshot(new Page.ScreenshotOptions().setPath(picture));
        }
    }

    @Override
    public void beforeEach(ExtensionContext test) {
        Running running = test.getRoot().getStore(HERE).getOrComputeIfAbsent("running", k -> start(), Running.class);
        BrowserContext context = running.browser()
                .newContext(new Browser.NewContextOptions()
                        .setViewportSize(1280, 800)
                        // Keeping the page for a time without a server takes as long as some tests do.
                        .setServiceWorkers(
                                test.getTags().contains(KEPT) ? ServiceWorkerPolicy.ALLOW : ServiceWorkerPolicy.BLOCK)
                        .setBaseURL("http://127.0.0.1:"
                                + running.server().getEnvironment().getProperty("local.server.port")));
        context.setDefaultTimeout(HANGS_MS);
        Page page = context.newPage();
        List<String> complaints = new ArrayList<>();
        page.onPageError(complaints::add);
        Set<Request> pending = new LinkedHashSet<>();
        page.onRequest(pending::add);
        page.onRequestFinished(pending::remove);
        page.onRequestFailed(pending::remove);
        page.onConsoleMessage(m -> {
            // A refusal, or a server made to be away, is shown on the page and also stands in the console; nothing else
            // may.
            if (m.type().equals("error")
                    && !m.text()
                            .matches(".*(status of (404|409|422)|net::ERR_FAILED|net::ERR_INTERNET_DISCONNECTED).*")) {
                complaints.add(m.text());
            }
        });
        test.getStore(HERE).put("window", new Window(context, page, complaints, pending));
    }

    @Override
    public void afterEach(ExtensionContext test) {
        Window window = window(test);
        if (test.getExecutionException().isPresent()) {
            window.tellOf(test.getRequiredTestClass().getSimpleName() + " " + test.getDisplayName());
        }
        window.context().close();
        if (!window.complaints().isEmpty()) {
            throw new AssertionError("the page complained: " + window.complaints());
        }
    }

    @Override
    public boolean supportsParameter(ParameterContext parameter, ExtensionContext test) {
        return parameter.getParameter().getType() == Page.class;
    }

    @Override
    public Object resolveParameter(ParameterContext parameter, ExtensionContext test) {
        return window(test).page();
    }

    private static Window window(ExtensionContext test) {
        return test.getStore(HERE).get("window", Window.class);
    }

    private static Running start() {
        // The first plans after a start are computed by code that is not compiled yet, on whatever else the machine
        // does.
        PlaywrightAssertions.setDefaultAssertionTimeout(HANGS_MS);
        try {
            Path folder = Files.createTempDirectory("gyrotaxis-e2e");
            ConfigurableApplicationContext server = new SpringApplicationBuilder(Gyrotaxis.class)
                    .run("--server.port=0", "--gyrotaxis.demo=true", BOOK, "--gyrotaxis.data-dir=" + folder);
            Playwright playwright = Playwright.create(
                    new Playwright.CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")));
            Browser browser = playwright
                    .chromium()
                    .launch(new BrowserType.LaunchOptions()
                            .setExecutablePath(CHROMIUM)
                            .setHeadless(true)
                            .setArgs(CHROMIUM_ARGS));
            return new Running(server, folder, playwright, browser);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
