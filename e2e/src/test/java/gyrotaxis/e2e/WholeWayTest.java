package gyrotaxis.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** One client, from her first call until she comes again: nothing but what a stylist has before her. */
@ExtendWith(Studio.class)
class WholeWayTest {
    private static final String NAME = "Ingeborg Tidewell";

    /** Loops that are left when all is hooked: with what she opens, more went in than was planned. */
    private static final int LEFT = 3;

    private static Locator button(Page page, String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    private static void herPage(Page page) {
        page.getByLabel("Find anything").fill(NAME);
        page.getByRole(AriaRole.OPTION)
                .filter(new Locator.FilterOptions().setHasText("client"))
                .first()
                .click();
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1)))
                .hasText(NAME);
    }

    @Test
    void fromTheFirstCallToTheNextVisit(Page page) {
        // She calls: her name and what she wants; a time to talk about it, for which no plan is needed.
        page.navigate("/book");
        button(page, "New client").click();
        Locator dialog = page.getByRole(AriaRole.DIALOG);
        dialog.getByLabel("Name").fill(NAME);
        dialog.getByLabel("What is wanted").fill("Soft waves for six weeks at sea.");
        dialog.getByLabel("Round the head").fill("56");
        dialog.getByLabel("Front to nape").fill("35.5");
        dialog.getByLabel("Ear to ear over the top").fill("32.5");
        button(page, "Put in the book").click();
        assertThat(dialog).isHidden();
        herPage(page);
        giveATime(page, "consultation");
        assertThat(page.getByLabel("History").getByText("consultation").first()).isVisible();

        // Her plan on the bench, and a time as long as it takes.
        button(page, "plan").click();
        assertThat(page.locator("[data-row]").first()).isVisible();
        Bench bench = new Bench(page);
        int planned = bench.figure("loops");
        bench.waitUntilSaved();
        herPage(page);
        giveATime(page, "install");

        // At the chair: bundles opened until there is enough, row by row with the pedal, what is left counted.
        page.getByLabel("Plans").getByRole(AriaRole.LINK).first().click();
        button(page, "take it to the chair").click();
        Locator done = page.locator("[data-key=done]");
        assertThat(done).isVisible();
        // One more than was planned, so that more goes in.
        int opened = open(page, planned + LEFT + 1);
        for (int i = 0; i < 400 && page.locator("[data-step]").count() > 0; i++) {
            ChairBrowserTest.pedal(page);
        }
        button(page, "more").click();
        button(page, "Counted what is left").click();
        page.getByLabel("Loops left over, halves too").fill(String.valueOf(LEFT));
        button(page, "Put it down").click();
        assertThat(done).containsText("Finish the visit");
        done.click();
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Finished")))
                .isVisible();
        page.waitForCondition(() -> page.locator("[data-unsent]").count() == 0);
        int used = opened - LEFT;
        assertThat(used).as("more than was planned").isGreaterThan(planned);

        // Weeks later: tails first, then row by row; how it came out.
        Takedown.tailsThenRows(page);
        button(page, "one pass more").click();
        button(page, "All is out").click();
        assertThat(page.getByText("let the scalp rest before the next")).isVisible();
        page.keyboard().press("Escape");

        // She comes again: what went in last time is what is counted on, and no longer what the plan thought.
        herPage(page);
        assertThat(page.getByText("Last time, ")).containsText("one pass more");
        assertThat(page.getByText("Last time " + used + " loops went in")).isVisible();
        assertThat(packs(page)).isGreaterThanOrEqualTo(1);
    }

    private static void giveATime(Page page, String what) {
        button(page, "Give a time").click();
        Locator dialog = page.getByRole(AriaRole.DIALOG);
        dialog.getByLabel("What for").selectOption(what);
        assertThat(dialog.getByText("Takes ")).isVisible();
        dialog.getByLabel("Free times").getByRole(AriaRole.BUTTON).first().click();
        assertThat(dialog).isHidden();
    }

    /** Opens bundles of the first hair until so many loops are out; answers how many are. */
    private static int open(Page page, int wanted) {
        int each = (int) page.evaluate(
                "async id => (await (await fetch('/api/visits/' + id)).json()).sheet.supplies[0].hair.loopsPerBundle",
                page.url().replaceAll(".*/", ""));
        int bundles = (wanted + each - 1) / each;
        for (int i = 1; i <= bundles; i++) {
            button(page, "opened one").first().click();
            assertThat(page.getByText(i == 1 ? "1 bundle opened" : i + " bundles opened"))
                    .isVisible();
        }
        return bundles * each;
    }

    private static int packs(Page page) {
        Locator text = page.getByText(Pattern.compile("This time, for "));
        assertThat(text).isVisible();
        return Integer.parseInt(text.locator("xpath=../..")
                .locator("p span")
                .first()
                .innerText()
                .strip());
    }
}
