package gyrotaxis.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.google.gson.JsonArray;
import com.google.gson.JsonObject;
import com.microsoft.playwright.CDPSession;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The bench on every screen: a desk, an upright tablet, a desk magnified twice, a phone. */
@ExtendWith(Studio.class)
class RoomsTest {
    private static final List<String> STEPS =
            List.of("Client", "Head", "Parts", "Rows", "Hair", "Knots", "Wear", "Counts");
    private static final List<String> UNITS = List.of("cm", "in", "fingers");

    /** What lies outside its box, is too small for a finger, or is covered by something else; by its name. */
    private static final String AMISS = """
            isTouched => {
              const amiss = [];
              const root = document.documentElement;
              if (root.scrollWidth > innerWidth) amiss.push('the page scrolls sideways to ' + root.scrollWidth);
              const step = document.querySelector('#step');
              if (step.scrollWidth > step.clientWidth) amiss.push('the step scrolls sideways');
              const controls = document.querySelectorAll(
                'main button, main select, main a[href], main summary, main label:has(> input), main input:not([type=checkbox], [type=radio])');
              for (const e of controls) {
                if (e.closest('[inert], .sr-only, .underline') || !e.checkVisibility({ visibilityProperty: true })) continue;
                const name = e.getAttribute('aria-label') || e.innerText || e.tagName;
                e.scrollIntoView({ block: 'center' });
                const r = e.getBoundingClientRect();
                if (r.left < -0.5 || r.right > innerWidth + 0.5 || r.top < -0.5 || r.bottom > innerHeight + 0.5)
                  amiss.push(`${name} lies outside: ${[r.left, r.top, r.right, r.bottom].map(Math.round)}`);
                if (isTouched && (r.height < 43.5 || (e.matches('button') && !e.closest('nav') && r.width < 43.5)))
                  amiss.push(`${name} is small: ${Math.round(r.width)} × ${Math.round(r.height)}`);
                const top = document.elementFromPoint(r.left + r.width / 2, r.top + r.height / 2);
                if (top && !e.contains(top) && !top.contains(e)) amiss.push(`${name} is covered by ${top.tagName} ${top.className}`);
              }
              return amiss;
            }""";

    private static Page open(Page page, int width, int height) {
        page.setViewportSize(width, height);
        page.navigate("/bench");
        assertThat(page.locator("[data-row]").first()).isVisible();
        return page;
    }

    private static void drawUp(Page page) {
        Locator up = page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Draw the sheet up"));
        for (int i = 0; i < 2 && up.isVisible(); i++) {
            up.click();
        }
        Studio.settle(page);
    }

    @ParameterizedTest(name = "{0} × {1}")
    @CsvSource({"1600, 1000", "1280, 800", "820, 1180", "640, 400", "390, 844"})
    void nothingLiesOutsideItsBoxAndEverythingCanBeReached(int width, int height, Page page) {
        open(page, width, height);
        boolean isTouched = width < 1024;
        for (String unit : UNITS) {
            page.evaluate(
                    "u => localStorage.setItem('gyrotaxis-prefs', JSON.stringify({state: {unit: u, fingerMm: 18}, version: 0}))",
                    unit);
            page.reload();
            assertThat(page.locator("[data-row]").first()).isVisible();
            drawUp(page);
            for (String step : STEPS) {
                page.getByRole(AriaRole.NAVIGATION, new Page.GetByRoleOptions().setName("Steps of the plan"))
                        .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(step))
                        .click();
                assertThat(page.locator("#step")).hasAttribute("aria-label", step + ", this step");
                List<?> amiss = (List<?>) page.evaluate(AMISS, isTouched);
                assertThat(amiss)
                        .as("%s in %s at %d × %d", step, unit, width, height)
                        .isEmpty();
            }
        }
    }

    /** The map is the product's best: it is never small. */
    @ParameterizedTest(name = "{0} × {1}")
    @CsvSource({"1280, 800, 610", "820, 1180, 430", "640, 400, 270", "390, 844, 340"})
    void theMapIsAsLargeAsTheScreenAllows(int width, int height, int least, Page page) {
        open(page, width, height);
        BoundingBox box = page.locator("#map").boundingBox();
        // It keeps its proportion within its box.
        assertThat(Math.min(box.width, box.height * 344 / 378)).isGreaterThanOrEqualTo(least);
    }

    @Test
    void aPartIsDraggedByAFingerAndTwoFingersLookIntoTheMap(Page page) {
        // A page asks when it opens whether there is glass.
        Fingers fingers = new Fingers(page);
        Bench bench = Bench.begin(page, "Junia Sprottle");
        page.setViewportSize(390, 844);
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Draw the sheet up"))
                .click();
        bench.step("Parts");
        bench.button("middle").click();
        Locator start = page.getByRole(AriaRole.SLIDER, new Page.GetByRoleOptions().setName("Part 1, start"));
        assertThat(start).isVisible();
        Studio.settle(page);
        int before = Integer.parseInt(start.getAttribute("aria-valuenow"));
        BoundingBox at = start.boundingBox();
        double x = at.x + at.width / 2;
        double y = at.y + at.height / 2;
        fingers.down(x, y);
        for (int i = 1; i <= 8; i++) {
            fingers.move(x + 4 * i, y);
        }
        fingers.up();
        assertThat(start).not().hasAttribute("aria-valuenow", String.valueOf(before));
        bench.waitUntilSaved();

        Locator map = page.locator("#map");
        String whole = map.getAttribute("viewBox");
        BoundingBox box = map.boundingBox();
        double midX = box.x + box.width / 2;
        double midY = box.y + box.height * 0.7;
        String kept = start.getAttribute("aria-valuenow");
        fingers.down(midX - 20, midY, midX + 20, midY);
        for (int i = 1; i <= 8; i++) {
            fingers.move(midX - 20 - 6 * i, midY, midX + 20 + 6 * i, midY);
        }
        fingers.up();
        Locator back = page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("whole head"));
        assertThat(back).isVisible();
        assertThat(map.getAttribute("viewBox")).isNotEqualTo(whole);
        back.click();
        assertThat(map).hasAttribute("viewBox", whole);
        assertThat(start).hasAttribute("aria-valuenow", kept);
    }

    /** From the book to a bent row, and back one, without a pointer. */
    @Test
    void theKeyboardAloneGoesFromTheBookToABentRow(Page page) {
        Bench.begin(page, "Odalys Fenwright").waitUntilSaved();
        page.navigate("/book");
        assertThat(Bench.tile(page, "Straight back").first()).isVisible();
        String plan = "a[href^='/bench/']";
        for (int i = 0; i < 60 && !isAt(page, plan); i++) {
            page.keyboard().press("Tab");
        }
        page.keyboard().press("Enter");
        assertThat(page.locator("[data-row]").first()).isVisible();
        page.keyboard().press("r");
        assertThat(page.locator("#step")).isFocused();
        page.keyboard().press("2");
        page.keyboard().press("ArrowRight");
        page.keyboard().press("ArrowRight");
        page.keyboard().press("Enter");
        assertThat(page.getByText("in hand:")).isVisible();
        String row = String.valueOf(page.evaluate("document.activeElement.dataset.handle"));
        Locator path = page.locator("[data-row='" + row + "']");
        String before = path.innerHTML();
        page.keyboard().press("ArrowRight");
        page.keyboard().press("ArrowRight");
        assertThat(page.locator("[data-saving=saved]")).isVisible();
        page.waitForCondition(() -> !path.innerHTML().equals(before));
        page.keyboard().press("Escape");
        assertThat(page.getByText("in hand:")).hasCount(0);
        // Letters do nothing behind an open dialog.
        page.keyboard().press("?");
        page.keyboard().press("w");
        assertThat(page).hasURL(Pattern.compile(".*/rows/.*"));
        page.keyboard().press("Escape");
        page.keyboard().press("w");
        assertThat(page).hasURL(Pattern.compile(".*/wear"));
        assertThat(page).hasTitle(Pattern.compile(".*: Wear .*"));
        page.goBack();
        assertThat(page).hasURL(Pattern.compile(".*/rows/.*"));
        assertThat(page).hasTitle(Pattern.compile(".*: Rows .*"));
        page.goForward();
        assertThat(page).hasTitle(Pattern.compile(".*: Wear .*"));
        assertThat(page.locator("[aria-current=step]")).containsText("Wear");
    }

    private static boolean isAt(Page page, String selector) {
        return (Boolean) page.evaluate("s => document.activeElement.matches(s)", selector);
    }

    /** Fingers on the glass, by the browser's own protocol. */
    private static final class Fingers {
        private final CDPSession session;

        Fingers(Page page) {
            session = page.context().newCDPSession(page);
            JsonObject on = new JsonObject();
            on.addProperty("enabled", true);
            on.addProperty("maxTouchPoints", 2);
            session.send("Emulation.setTouchEmulationEnabled", on);
        }

        void down(double... xy) {
            send("touchStart", xy);
        }

        void move(double... xy) {
            send("touchMove", xy);
        }

        void up() {
            send("touchEnd");
        }

        private void send(String type, double... xy) {
            JsonArray points = new JsonArray();
            for (int i = 0; i + 1 < xy.length; i += 2) {
                JsonObject p = new JsonObject();
                p.addProperty("x", xy[i]);
                p.addProperty("y", xy[i + 1]);
                p.addProperty("id", i);
                points.add(p);
            }
            JsonObject event = new JsonObject();
            event.addProperty("type", type);
            event.add("touchPoints", points);
            session.send("Input.dispatchTouchEvent", event);
        }
    }
}
