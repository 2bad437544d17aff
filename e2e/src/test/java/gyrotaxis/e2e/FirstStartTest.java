package gyrotaxis.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.LoadState;
import gyrotaxis.server.Gyrotaxis;
import java.nio.file.Path;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.context.ConfigurableApplicationContext;

/** Somebody who has nothing in it yet. */
@ExtendWith(Studio.class)
class FirstStartTest {
    private ConfigurableApplicationContext server;
    private String address;
    private int entries;

    @BeforeEach
    void startEmpty(@TempDir Path folder) {
        server = new SpringApplicationBuilder(Gyrotaxis.class)
                .run("--server.port=0", "--gyrotaxis.demo=false", "--gyrotaxis.data-dir=" + folder);
        address = "http://127.0.0.1:" + server.getEnvironment().getProperty("local.server.port");
    }

    /** A page that is still asking for something would complain that nobody answers. */
    @AfterEach
    void stop(Page page) {
        page.navigate("about:blank");
        server.close();
    }

    private static Locator button(Page page, String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    private void enter(Page page, String label, String text) {
        page.getByRole(AriaRole.DIALOG).getByLabel(label).fill(text);
        entries++;
    }

    @Test
    void anEmptyBookComesToAFirstPlanInUnderTenEntries(Page page) {
        page.navigate(address + "/book");
        button(page, "Write down the first client").click();
        enter(page, "Name", "Sunniva Thole");
        enter(page, "Round the head", "56");
        enter(page, "Front to nape", "36");
        enter(page, "Ear to ear over the top", "33");
        button(page, "Put in the book").click();
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("plan").setExact(true))
                .click();
        // Nothing is on the shelf: there, and back by itself.
        assertThat(page.getByText("the first plan for Sunniva Thole")).isVisible();
        button(page, "Put a starter set there").click();
        entries++;
        assertThat(page.locator("[data-row]").first()).isVisible();
        assertThat(entries).isLessThan(10);
        assertThat(page.getByText("Sunniva Thole").first()).isVisible();

        // What is planned with stays when the set is taken off again.
        page.navigate(address + "/shelf");
        assertThat(page.getByRole(AriaRole.MAIN).getByRole(AriaRole.LISTITEM)).hasCount(7);
        button(page, "Take it off the shelf").click();
        assertThat(page.getByRole(AriaRole.MAIN).getByRole(AriaRole.LISTITEM)).hasCount(1);
    }

    /** The same path by the keyboard alone. */
    @Test
    void theNewcomersPathIsWalkedByKeys(Page page) {
        page.navigate(address + "/book");
        Locator first = button(page, "Write down the first client");
        assertThat(first).isVisible();
        walkTo(page, "Write down the first client");
        page.keyboard().press("Enter");
        Locator dialog = page.getByRole(AriaRole.DIALOG);
        // A form begins at its first field.
        assertThat(dialog.getByLabel("Name")).isFocused();
        page.keyboard().type("Sunniva Thole");
        for (String[] measure :
                new String[][] {{"Round the head", "56"}, {"Front to nape", "36"}, {"Ear to ear over the top", "33"}}) {
            for (int i = 0; i < 20 && !isAt(page, measure[0]); i++) {
                page.keyboard().press("Tab");
            }
            page.keyboard().type(measure[1]);
        }
        page.keyboard().press("Enter");
        assertThat(dialog).isHidden();
        walkTo(page, "plan");
        page.keyboard().press("Enter");
        assertThat(button(page, "Put a starter set there")).isVisible();
        walkTo(page, "Put a starter set there");
        page.keyboard().press("Enter");
        assertThat(page.locator("[data-row]").first()).isVisible();
        assertThat(page.locator("#step")).isFocused();
    }

    /** Whoever made her first plan is shown round, once. */
    @Test
    void aNewcomerIsShownRoundOnce(Page page) {
        anEmptyBookComesToAFirstPlanInUnderTenEntries(page);
        page.navigate(address + "/bench");
        button(page, "Show me round").click();
        for (int stop = 1; stop < 5; stop++) {
            assertThat(page.getByText(stop + " of 5")).isVisible();
            assertThat(button(page, "Next")).isFocused();
            page.keyboard().press("Enter");
        }
        button(page, "To work").click();
        assertThat(page.getByRole(AriaRole.DIALOG)).isHidden();
        page.reload();
        assertThat(page.locator("[data-row]").first()).isVisible();
        assertThat(button(page, "Show me round")).isHidden();
    }

    /** With nothing in the book a drill of each kind is finished, by keys alone. */
    @Test
    void aDrillOfEachKindIsFinishedByKeys(Page page) {
        page.navigate(address + "/practice");
        Locator drills = page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Drills"))
                .getByRole(AriaRole.LINK);
        assertThat(drills.first()).isVisible();
        int kinds = drills.count();
        assertThat(drills).hasCount(16);
        for (int i = 0; i < kinds; i++) {
            page.navigate(address + "/practice");
            drills.nth(i).focus();
            page.keyboard().press("Enter");
            answerByKeys(page);
            assertThat(page.getByText(Pattern.compile("^(✓ Right|✕ Not so)$"))).isVisible();
            assertThat(button(page, "Next")).isFocused();
        }
    }

    /** Walks on and answers whatever there is to be answered, until that can be sent. */
    private static void answerByKeys(Page page) {
        assertThat(button(page, "Answer")).isVisible();
        for (int i = 0; i < 150; i++) {
            page.keyboard().press("Tab");
            switch (String.valueOf(page.evaluate(AT))) {
                case "aim" -> page.keyboard().press("ArrowDown");
                case "number" -> page.keyboard().type("15");
                case "choice", "wider" -> page.keyboard().press("Enter");
                case "answer" -> {
                    page.keyboard().press("Enter");
                    return;
                }
                default -> {
                    // On to the next.
                }
            }
        }
        throw new AssertionError("there was nothing to answer by at " + page.url());
    }

    private static final String AT = """
            () => {
              const at = document.activeElement;
              if (at.getAttribute('role') === 'slider') return 'aim';
              if (at.tagName === 'INPUT' && at.type === 'number') return 'number';
              if (at.tagName !== 'BUTTON') return '';
              if ((at.getAttribute('aria-label') ?? '').startsWith('wider:')) return 'wider';
              if (at.getAttribute('aria-pressed') === 'false' && at.closest('li')) return 'choice';
              return at.textContent.trim() === 'Answer' && !at.disabled ? 'answer' : '';
            }""";

    private static void walkTo(Page page, String name) {
        // What is still being asked for is not there to be walked to.
        assertThat(page.getByText(name, new Page.GetByTextOptions().setExact(true))
                        .first())
                .isVisible();
        for (int i = 0; i < 60; i++) {
            if (String.valueOf(page.evaluate("document.activeElement.textContent"))
                    .trim()
                    .equals(name)) {
                return;
            }
            page.keyboard().press("Tab");
        }
        throw new AssertionError("never came to " + name);
    }

    private static boolean isAt(Page page, String label) {
        return (Boolean) page.evaluate(
                "l => [...(document.activeElement.labels ?? [])].some(e => e.textContent.startsWith(l))", label);
    }

    @Test
    void placesWithNothingInThemSayWhatTheyWillDoForHer(Page page) {
        for (String place : new String[] {"book", "bench", "chair", "shelf", "practice"}) {
            page.navigate(address + "/" + place);
            Locator main = page.getByRole(AriaRole.MAIN);
            assertThat(main.locator("a, button").first()).isVisible();
            page.waitForLoadState(LoadState.NETWORKIDLE);
            assertThat(main.innerText()).as(place).hasSizeGreaterThan(60);
        }
    }
}
