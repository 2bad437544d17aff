package gyrotaxis.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;

/** A head that is taken down at the chair. */
final class Takedown {
    private Takedown() {}

    /** From a finished visit: every tail found and marked, then all rows, until it is asked how it came out. */
    static void tailsThenRows(Page page) {
        press(page, "Take it down");
        Locator tails = page.getByLabel("Tails").getByRole(AriaRole.BUTTON);
        assertThat(tails.first()).isVisible();
        while (tails.count() > 0) {
            int before = tails.count();
            tails.first().click();
            assertThat(tails).hasCount(before - 1);
        }
        press(page, "It is out");
        press(page, "All is out: go on");
    }

    private static void press(Page page, String name) {
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName(name).setExact(true))
                .click();
    }
}
