package gyrotaxis.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;
import org.junit.jupiter.api.extension.ExtendWith;

/**
 * Measures, in the browser, the time from moving the ear line to the map drawn anew; prints it and judges nothing. Run by
 * {@code ./gyrotaxis bench --page}.
 */
@ExtendWith(Studio.class)
@EnabledIfSystemProperty(named = "measure", matches = "page")
class RedrawMeasurement {
    private static final int WARMING = 5;

    private static final String MEASURE = """
            async () => {
              const line = document.querySelector('[role=slider][aria-label="Ear line"]');
              const row = () => document.querySelector('[data-row="F7"] path').getAttribute('d');
              const frame = () => new Promise((done) => requestAnimationFrame(done));
              const times = [];
              for (let i = 0; i < 60; i++) {
                const before = row();
                const start = performance.now();
                const key = i % 20 < 10 ? 'ArrowDown' : 'ArrowUp';
                line.dispatchEvent(new KeyboardEvent('keydown', { key, shiftKey: true, bubbles: true }));
                while (row() === before && performance.now() - start < 2000) await frame();
                await frame();
                times.push(performance.now() - start);
                await new Promise((done) => setTimeout(done, 40));
              }
              times.sort((a, b) => a - b);
              return 'median ' + times[30].toFixed(0) + ' ms, 90 % within ' + times[54].toFixed(0) + ' ms';
            }
            """;

    /** Moves what is held to and fro with every frame for five seconds, and counts how often rows and cover come out anew. */
    private static final String COUNT = """
            async ([x, y]) => {
              const grip = document.querySelector('[role=slider][aria-label="Part 1, start"]');
              const row = () => document.querySelector('[data-row="F5"] path').getAttribute('d');
              const cover = () => document.querySelector('[data-cover]').getAttribute('d');
              const seen = { rows: 0, covers: 0 };
              let last = { row: row(), cover: cover() };
              const start = performance.now();
              for (let i = 0; performance.now() - start < 5000; i++) {
                const clientX = x + Math.abs(((i * 2.3) % 160) - 80) - 40;
                grip.dispatchEvent(new PointerEvent('pointermove', { clientX, clientY: y, bubbles: true }));
                await new Promise((done) => requestAnimationFrame(done));
                const now = { row: row(), cover: cover() };
                seen.rows += now.row === last.row ? 0 : 1;
                seen.covers += now.cover === last.cover ? 0 : 1;
                last = now;
              }
              return (seen.rows / 5).toFixed(1) + ' maps and ' + (seen.covers / 5).toFixed(1) + ' covers a second';
            }
            """;

    @Test
    void updatesASecondWhileAPartIsDraggedWithCoverOn(Page page) {
        page.navigate("/book");
        Bench.tile(page, "Regatta deep wave").click();
        assertThat(page.locator("[aria-label='Ear line']")).isVisible();
        page.keyboard().press("p");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("cover"))
                .click();
        assertThat(page.locator("[data-cover]").first()).isAttached();
        Locator grip = page.getByLabel("Part 1, start", new Page.GetByLabelOptions().setExact(true));
        // The first rounds only warm the server up.
        for (int i = -WARMING; i < 5; i++) {
            BoundingBox box = grip.boundingBox();
            double x = box.x + box.width / 2;
            double y = box.y + box.height / 2;
            page.mouse().move(x, y);
            page.mouse().down();
            Object counted = page.evaluate(COUNT, List.of(x, y));
            if (i >= 0) {
                System.out.println("dragging with cover on: " + counted);
            }
            page.mouse().up();
            page.keyboard().press("Control+z");
            page.waitForTimeout(1000);
        }
    }

    @Test
    void fromMovingAHandleToTheMapRedrawn(Page page) {
        page.navigate("/book");
        Bench.tile(page, "Regatta deep wave").click();
        assertThat(page.locator("[aria-label='Ear line']")).isVisible();
        page.keyboard().press("r");
        // Once to warm the server up, then in earnest.
        page.evaluate(MEASURE);
        System.out.println("handle to redrawn map: " + page.evaluate(MEASURE));
    }

    /** Notes, for every move of the pointer, the time from the move itself until the frame that answers it is painted. */
    private static final String NOTE_LEADS = """
            () => {
              window.leads = [];
              addEventListener('pointermove', (e) => {
                const moved = e.timeStamp;
                requestAnimationFrame(() => {
                  // What comes after the frame's own callbacks comes after it was painted.
                  const c = new MessageChannel();
                  c.port1.onmessage = () => window.leads.push(performance.now() - moved);
                  c.port2.postMessage(0);
                });
              }, { capture: true });
            }
            """;

    private static final String SUM_UP = """
            () => {
              const times = window.leads.sort((a, b) => a - b);
              const at = (p) => times[Math.floor(p * (times.length - 1))].toFixed(0);
              return times.length + ' moves: median ' + at(0.5) + ' ms, 99 % within ' + at(0.99) + ' ms, longest ' + at(1) + ' ms';
            }
            """;

    @Test
    void fromMovingThePointerToTheFrameWithTheMarkUnderIt(Page page) {
        page.navigate("/book");
        Bench.tile(page, "Regatta deep wave").click();
        assertThat(page.locator("[aria-label='Ear line']")).isVisible();
        page.keyboard().press("p");
        Locator grip = page.getByLabel("Part 1, start", new Page.GetByLabelOptions().setExact(true));
        page.evaluate(NOTE_LEADS);
        for (int i = -WARMING; i < 3; i++) {
            BoundingBox box = grip.boundingBox();
            double x = box.x + box.width / 2;
            double y = box.y + box.height / 2;
            page.mouse().move(x, y);
            page.mouse().down();
            page.evaluate("window.leads.length = 0");
            long end = System.nanoTime() + 4_000_000_000L;
            for (int move = 0; System.nanoTime() < end; move++) {
                page.mouse().move(x + Math.abs(move * 2.3 % 160 - 80) - 40, y);
            }
            Object counted = page.evaluate(SUM_UP);
            if (i >= 0) {
                System.out.println("pointer to frame: " + counted);
            }
            page.mouse().up();
            page.keyboard().press("Control+z");
            page.waitForTimeout(1000);
        }
    }

    /** From the address to the map, and to twenty plans in the book; and how much of it came over the line, without the page itself. */
    @Test
    void openingTheBenchAndABookOfTwentyPlans(Page page) {
        for (int i = 0; i < 12; i++) {
            Bench.begin(page, "Junia Sprottle").waitUntilSaved();
        }
        String bench = page.url();
        page.addInitScript(NOTE_WHEN_SHOWN);
        opened(page, "bench", bench);
        opened(page, "book", "/book");
    }

    /** Looks with every frame, from within the page, for what is waited for, and notes when the frame that shows it has gone. */
    private static final String NOTE_WHEN_SHOWN = """
            {
              const sign = location.pathname.startsWith('/bench/') ? '[data-row]' : 'a[href^="/bench/"] svg';
              const shown = () => requestAnimationFrame(() => requestAnimationFrame(() => { window.shownAt = performance.now(); }));
              const look = () => document.querySelector(sign) ? shown() : requestAnimationFrame(look);
              requestAnimationFrame(look);
            }
            """;

    private static void opened(Page page, String what, String address) {
        for (int i = 0; i < 12; i++) {
            page.navigate(address);
            page.waitForLoadState(com.microsoft.playwright.options.LoadState.NETWORKIDLE);
            // Whoever asks meanwhile takes part in what is measured.
            page.waitForTimeout(300);
            Object bytes =
                    page.evaluate("performance.getEntriesByType('resource').filter(e => e.name.includes('/api/'))"
                            + ".reduce((sum, e) => sum + e.transferSize, 0)");
            System.out.printf(
                    "opening the %s: %s ms, %s bytes of data, %d plans%n",
                    what,
                    page.evaluate("Math.round(window.shownAt)"),
                    bytes,
                    page.locator("a[href^='/bench/']").count());
        }
    }

    /** Two thousand things happened in a visit; taps on beads, each until the next share is marked and painted. */
    private static final String TAPS = """
            async () => {
              const frame = () => new Promise((done) => requestAnimationFrame(done));
              const hooked = () => document.querySelectorAll('[data-share][data-done=HOOKED]').length;
              const times = [];
              for (let i = 0; i < 40; i++) {
                const bead = document.querySelector('[data-bead][data-done=TO_DO]');
                if (!bead) { document.querySelector('[data-key=done]').click(); await new Promise((d) => setTimeout(d, 300)); continue; }
                const before = hooked();
                const start = performance.now();
                bead.click();
                while (hooked() === before && performance.now() - start < 2000) await frame();
                await frame();
                times.push(performance.now() - start);
                await new Promise((done) => setTimeout(done, 150));
              }
              times.sort((a, b) => a - b);
              const at = (p) => times[Math.floor(p * (times.length - 1))].toFixed(0);
              return times.length + ' taps: median ' + at(0.5) + ' ms, 90 % within ' + at(0.9) + ' ms';
            }
            """;

    @Test
    void fromATapToTheNextStepDrawnAfterTwoThousandEvents(Page page) {
        page.navigate("/book");
        Bench.tile(page, "Regatta deep wave").click();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("take it to the chair"))
                .click();
        assertThat(page.locator("[data-key=done]")).isVisible();
        String id = page.url().replaceAll(".*/", "");
        page.evaluate("""
                async (id) => {
                  const token = decodeURIComponent(/XSRF-TOKEN=([^;]+)/.exec(document.cookie)[1]);
                  const v = await (await fetch('/api/visits/' + id)).json();
                  const hook = v.sheet.steps.filter((s) => s.shares.length > 0)[0].shares[0];
                  const what = (kind, more) => ({ kind, ...more });
                  const all = v.sheet.steps.filter((s) => s.stage !== 'HOOK' && s.stage !== 'TRY_AND_FILL' && s.stage !== 'FINISH')
                    .flatMap((s) => [what('CAUTION_SIGNED', { step: s.number, by: 'O' }), what('STEP_DONE', { step: s.number })]);
                  all.push(what('STAGE_BEGUN', { stage: 'HOOK' }));
                  v.sheet.steps.forEach((s) => all.push(what('CAUTION_SIGNED', { step: s.number, by: 'O' })));
                  while (all.length < 2000) all.push(all.length % 2 ? what('SHARES_HOOKED', { shares: [hook] }) : what('SHARE_SLIPPED', { share: hook }));
                  for (let from = 0; from < all.length; from += 400) {
                    const events = all.slice(from, from + 400).map((w, i) => ({
                      device: 'other', count: from + i + 1, clock: from + i + 1, at: new Date(Date.now() - 1e6).toISOString(), what: w }));
                    await fetch('/api/visits/' + id + '/events', { method: 'POST',
                      headers: { 'Content-Type': 'application/json', 'X-XSRF-TOKEN': token }, body: JSON.stringify({ events }) });
                  }
                }
                """, id);
        page.reload();
        assertThat(page.locator("[data-bead]").first()).isVisible();
        page.evaluate(TAPS);
        System.out.println("from a tap to the next step drawn: " + page.evaluate(TAPS));
    }
}
