package gyrotaxis.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@ExtendWith(Studio.class)
class PartsBrowserTest {
    private static final String CLIENT = "Tamsin Orrowby";

    private static Locator grip(Page page, String name) {
        return page.getByRole(
                AriaRole.SLIDER, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    @Test
    void aPartIsAddedDraggedMendedAndUndone(Page page) {
        Bench bench = Bench.begin(page, CLIENT).step("Parts");
        bench.button("middle").click();
        Locator start = grip(page, "Part 1, start");
        assertThat(start).hasAttribute("aria-valuenow", "0");
        assertThat(page.getByText("its flanking rows bend together")).isVisible();

        Locator remedy = page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("Braid \\d rows behind")));
        remedy.click();
        assertThat(remedy).isHidden();

        bench.drag(start, -60, 0);
        int moved = Integer.parseInt(start.getAttribute("aria-valuenow"));
        assertThat(moved).isBetween(-50, -20);
        assertThat(page.getByText("to her left")).isVisible();
        bench.waitUntilSaved();
        // Back to within a few millimetres of the midline, it snaps onto it.
        bench.drag(start, -moved * 1.75, 0);
        assertThat(start).hasAttribute("aria-valuenow", "0");

        bench.waitUntilSaved();
        bench.drag(grip(page, "Part 1, end"), 40, 0);
        assertThat(Integer.parseInt(grip(page, "Part 1, end").getAttribute("aria-valuenow")))
                .isGreaterThan(5);
        bench.button("undo").click();
        assertThat(grip(page, "Part 1, end")).hasAttribute("aria-valuenow", "0");
        bench.reload();
        bench.step("Parts");
        assertThat(grip(page, "Part 1, start")).hasAttribute("aria-valuenow", "0");
        assertThat(page.getByRole(
                        AriaRole.IMG,
                        new Page.GetByRoleOptions().setName(Pattern.compile("Scalp shown from .*narrowest"))))
                .isVisible();
    }

    @Test
    void aPartWorksByKeyAndByFigure(Page page) {
        Bench bench = Bench.begin(page, CLIENT).step("Parts");
        bench.button("right").click();
        Locator start = grip(page, "Part 1, start");
        start.focus();
        page.keyboard().press("ArrowLeft");
        page.keyboard().press("Shift+ArrowLeft");
        assertThat(start).hasAttribute("aria-valuenow", "29");
        bench.field("starts").fill("2 fingers");
        bench.field("starts").blur();
        assertThat(start).hasAttribute("aria-valuenow", "36");
        bench.field("runs back").fill("5");
        assertThat(page.getByText("stops short")).isVisible();
        bench.unfold("Rows beside them");
        page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("wide channel"))
                .click();
        assertThat(page.getByText("leaning away")).isVisible();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Remove part 1"))
                .click();
        assertThat(start).isHidden();
        assertThat(page.getByText("Where a part could run")).isVisible();
        bench.waitUntilSaved();
    }

    @Test
    void shortOwnHairLeavesEndsLoose(Page page) {
        Bench bench = Bench.begin(page, CLIENT).step("Client");
        bench.unfold("Her own hair").field("How long is it?").fill("4");
        // What comes of it stands at the step where something can be done about it.
        bench.step("Rows");
        assertThat(page.getByText("4 rows end too short to reach another row")).isVisible();
        bench.step("Client").field("How long is it?").fill("1");
        assertThat(page.getByText("Her own hair must be between 2 and 90 cm.").first())
                .isVisible();
        bench.field("How long is it?").fill("25");
        bench.step("Rows");
        assertThat(page.getByText("ends loose at the nape")).hasCount(1);
        page.locator("[data-handle=B1]").focus();
        page.keyboard().press("Enter");
        assertThat(page.getByRole(AriaRole.STATUS).getByText("fed into back row 2"))
                .isVisible();
        bench.waitUntilSaved();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("braiding"))
                .click();
        bench.reload();
        bench.step("Client");
        assertThat(bench.field("How long is it?")).hasValue("25.0");
    }

    @Test
    void partsThatMeetAreSaidAndTheLastPlanStays(Page page) {
        Bench bench = Bench.begin(page, CLIENT).step("Parts");
        bench.button("middle").click();
        assertThat(grip(page, "Part 1, start")).isVisible();
        bench.button("right").click();
        assertThat(grip(page, "Part 2, start")).isVisible();
        bench.field("starts").nth(1).fill("0.3");
        assertThat(page.getByText("This part meets the next one").first()).isVisible();
        assertThat(bench.rows()).hasCount(19);
        bench.button("undo").click();
        assertThat(page.getByText("This part meets the next one")).hasCount(0);
        bench.waitUntilSaved();
    }
}
