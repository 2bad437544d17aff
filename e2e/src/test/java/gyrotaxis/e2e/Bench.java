package gyrotaxis.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Mouse;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.LoadState;

/** The bench as somebody at the screen sees and uses it. */
final class Bench {
    final Page page;

    Bench(Page page) {
        this.page = page;
    }

    /** Begins a new plan for a client in the book, so that tests do not meet on one plan. */
    static Bench begin(Page page, String client) {
        page.navigate("/book");
        // Plans come in after clients and push the keys down: one pressed at that moment is missed.
        page.waitForLoadState(LoadState.NETWORKIDLE);
        page.getByRole(AriaRole.LISTITEM)
                .filter(new Locator.FilterOptions()
                        .setHas(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName(client))))
                .getByRole(
                        AriaRole.BUTTON,
                        new Locator.GetByRoleOptions().setName("plan").setExact(true))
                .click();
        Bench bench = new Bench(page);
        assertThat(bench.earLine()).isVisible();
        return bench;
    }

    /** A plan in the book; she may be in the chair with it too. */
    static Locator tile(Page page, String plan) {
        return page.locator("a[href^='/bench/']").filter(new Locator.FilterOptions().setHasText(plan));
    }

    Bench step(String name) {
        page.getByRole(AriaRole.NAVIGATION, new Page.GetByRoleOptions().setName("Steps of the plan"))
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(name))
                .click();
        return this;
    }

    /** Opens what a step folds away; it stays open. */
    Bench unfold(String title) {
        Locator fold = page.locator("details")
                .filter(new Locator.FilterOptions()
                        .setHas(page.getByRole(
                                AriaRole.HEADING,
                                new Page.GetByRoleOptions().setName(title).setExact(true))));
        if (fold.getAttribute("open") == null) {
            fold.locator("summary").click();
        }
        return this;
    }

    /** By pointer, in screen pixels, over some steps as a hand does it. */
    void drag(Locator what, double dx, double dy) {
        BoundingBox at = what.boundingBox();
        double x = at.x + at.width / 2;
        double y = at.y + at.height / 2;
        page.mouse().move(x, y);
        page.mouse().down();
        page.mouse().move(x + dx, y + dy, new Mouse.MoveOptions().setSteps(8));
        page.mouse().up();
    }

    Locator rows() {
        return page.locator("[data-row]");
    }

    Locator stations() {
        return page.locator("[data-station]");
    }

    /** The large figure on a tape. */
    int figure(String tape) {
        // The first text node: the unit beside it begins with figures of its own.
        return Integer.parseInt(String.valueOf(
                tape(tape).locator("p").nth(1).evaluate("p => p.firstChild.textContent.split(/\\D+/)[0]")));
    }

    Locator tape(String name) {
        return page.getByRole(
                AriaRole.REGION, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    Locator button(String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    /** What is entered under a label; a key of the same name is none. */
    Locator field(String label) {
        return page.getByLabel(label, new Page.GetByLabelOptions().setExact(true))
                .and(page.locator("input, select, textarea"));
    }

    Locator earLine() {
        return page.getByRole(AriaRole.SLIDER, new Page.GetByRoleOptions().setName("Ear line"));
    }

    void waitUntilSaved() {
        assertThat(page.locator("[data-saving=saved]")).isVisible();
    }

    /** Saved, and all of it read again from the server. */
    void reload() {
        waitUntilSaved();
        page.reload();
        assertThat(rows().first()).isVisible();
    }
}
