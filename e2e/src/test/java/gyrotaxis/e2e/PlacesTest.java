package gyrotaxis.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.deque.html.axecore.playwright.AxeBuilder;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

@ExtendWith(Studio.class)
class PlacesTest {
    private static final List<String> ALL_RULES = List.of();
    private static final List<String> COLOURS = List.of("color-contrast");

    /** Looks in the page itself, and brings back what is wrong: what is right need not be carried about. */
    private static final String FIND = """
            async ({ within, rules }) => {
              const runOnly = rules.length > 0 ? { runOnly: rules } : {};
              const { violations, passes } = await axe.run(within, { resultTypes: ['violations'], ...runOnly });
              if (violations.length + passes.length === 0) return ['nothing was looked at'];
              return violations.map((v) => `${v.impact} ${v.id} ${v.nodes.map((n) => n.html).join(' ')}`);
            }
            """;

    @ParameterizedTest
    @ValueSource(
            strings = {
                "/book",
                "/book?view=week",
                "/book?view=month",
                "/book/people",
                "/book/learned",
                "/book/files",
                "/book/messages",
                "/book/outside",
                "/bench",
                "/chair",
                "/shelf",
                "/shelf/buy",
                "/shelf/count",
                "/shelf/moves",
                "/practice"
            })
    void everyPlaceIsAccessibleInBothLights(String place, Page page) {
        page.navigate(place);
        assertThat(page.getByRole(AriaRole.HEADING).first()).isVisible();
        page.waitForLoadState(com.microsoft.playwright.options.LoadState.NETWORKIDLE);
        nothingFound(page, "body", ALL_RULES, place);
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Low glare"))
                .click();
        // Nothing but the colours is another.
        nothingFound(page, "body", COLOURS, place + " at night");
    }

    @ParameterizedTest
    @ValueSource(strings = {"Client", "Parts", "Rows", "Hair", "Knots", "Wear", "Counts"})
    void everyStepIsAccessibleInBothLights(String step, Page page) {
        page.navigate("/bench");
        assertThat(page.locator("[data-row]").first()).isVisible();
        page.getByTitle(Pattern.compile("^" + step + " \\(")).first().click();
        assertThat(page.locator("#step")).isVisible();
        // The map and the figures beside it are the same on every step, and were looked at with the place.
        nothingFound(page, "#step", ALL_RULES, step);
        page.getByLabel("Low glare").click();
        nothingFound(page, "#step", COLOURS, step + " at night");
    }

    /** A phone and an upright tablet have parts of their own: strip, sheet, keys of the map. */
    @ParameterizedTest
    @CsvSource({"390, 844", "820, 1180", "640, 400"})
    void theBenchIsAccessibleOnSmallScreens(int width, int height, Page page) {
        page.setViewportSize(width, height);
        page.navigate("/bench");
        assertThat(page.locator("[data-row]").first()).isVisible();
        nothingFound(page, "body", ALL_RULES, width + " wide");
    }

    /** Half-way through a head, in day light and at night. */
    @Test
    void theChairIsReadableToEverybody(Page page) {
        page.navigate("/chair");
        page.getByText("Regatta deep wave").first().click();
        assertThat(page.locator("[data-key=done]")).isVisible();
        assertThat(page.getByText("See what you can do")).isVisible();
        nothingFound(page, "body", ALL_RULES, "chair");
        page.getByLabel("Low glare").click();
        nothingFound(page, "body", COLOURS, "chair at night");
    }

    /** Of any level: a head that is hard to read is hard to read. */
    private static void nothingFound(Page page, String within, List<String> rules, String where) {
        page.evaluate(AxeBuilder.getAxeScript());
        assertThat((List<?>) page.evaluate(FIND, Map.of("within", within, "rules", rules)))
                .as(where)
                .isEmpty();
    }

    @Test
    void aClientIsWrittenDownPlannedForAndErased(Page page) {
        page.navigate("/book");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("New client"))
                .click();
        Locator dialog = page.getByRole(AriaRole.DIALOG);
        Locator write = dialog.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Put in the book"));
        dialog.getByLabel("Round the head").fill("22 in");
        dialog.getByLabel("Front to nape").fill("3");
        write.click();
        assertThat(dialog.getByText("The name is missing.")).isVisible();
        assertThat(dialog.getByText("Front to nape must be between 24.0 cm and 48.0 cm."))
                .isVisible();
        // What was entered stays.
        assertThat(dialog.getByLabel("Round the head")).hasValue("55.9");
        dialog.getByLabel("Name").fill("Araminta Thwart");
        dialog.getByLabel("Front to nape").fill("35");
        dialog.getByLabel("Ear to ear over the top").fill("32.5");
        write.click();
        assertThat(dialog).isHidden();

        Bench bench = Bench.begin(page, "Araminta Thwart");
        assertThat(bench.field("Round the head")).hasValue("55.9");
        assertThat(page.getByText("estimated from the others")).hasCount(3);

        page.navigate("/book");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Change Araminta Thwart"))
                .click();
        dialog.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Erase"))
                .click();
        dialog.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Yes, erase"))
                .click();
        assertThat(page.getByText("Araminta Thwart")).hasCount(0);
    }

    @Test
    void hairIsPutOnTheShelf(Page page) {
        page.navigate("/shelf");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("New hair"))
                .click();
        Locator dialog = page.getByRole(AriaRole.DIALOG);
        Locator put = dialog.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Put it on the shelf"));
        dialog.getByLabel("Name").fill("Spring Tide");
        dialog.getByLabel("Pieces in a pack").fill("0");
        put.click();
        assertThat(dialog.getByText("Pieces in a pack must be between 1 and 200."))
                .isVisible();
        dialog.getByText("More that may stand on it").click();
        dialog.getByLabel("Supplier").fill("Ninth Pier Wholesale");
        dialog.getByLabel("Pieces in a pack").fill("16");
        dialog.getByLabel("Grams of a loop").fill("3,5");
        dialog.getByLabel("Hangs").fill("14 in");
        dialog.getByLabel("Price of a pack").fill("6.50");
        dialog.getByLabel("Colours").fill("ink, honey");
        put.click();
        assertThat(dialog).isHidden();
        assertThat(page.getByText("16 loops a pack, €6.50, Ninth Pier Wholesale"))
                .isVisible();
    }

    /** What is tried out on a practice head stays on this device, and is there again after a reload. */
    @Test
    void aPracticeHeadIsChangedWithoutAPlan(Page page) {
        page.navigate("/practice");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(Pattern.compile("^Cox coils")))
                .click();
        Locator round = page.getByRole(AriaRole.TEXTBOX, new Page.GetByRoleOptions().setName("Round the head"));
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Head")))
                .first()
                .click();
        assertThat(page.getByText("As it came")).isVisible();
        round.fill("51.5");
        round.blur();
        assertThat(page.getByText("Kept on this device").first()).isVisible();
        page.reload();
        assertThat(round).hasValue("51.5");
        assertThat(page).hasURL(Pattern.compile(".*/practice/.*/head"));
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("back to the practice heads"))
                .click();
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Practice")))
                .isVisible();
    }

    @Test
    void aPlanThatIsGoneSaysSo(Page page) {
        page.navigate("/bench/00000000-0000-0000-0000-000000000000");
        assertThat(page.getByText("This plan is no longer in the book.")).isVisible();
    }
}
