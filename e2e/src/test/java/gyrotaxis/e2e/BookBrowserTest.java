package gyrotaxis.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.FilePayload;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.Locale;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;

/** The days of the book, the months around a head, and the shelf, in a real browser. */
@ExtendWith(Studio.class)
class BookBrowserTest {
    /** So long ago the install that is finished in the demo was under way, minutes; soon after midnight that was the day before. */
    private static final int WAS_UNDER_WAY = 100;

    private static Locator button(Page page, String name) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name));
    }

    private static Locator block(Page page, String occasion, String client) {
        return page.getByRole(
                AriaRole.BUTTON,
                new Page.GetByRoleOptions().setName(Pattern.compile("^" + occasion + ", " + client + ",")));
    }

    /** Four weeks on nothing of the demo stands in the book. */
    private static void emptyDay(Page page, int weeks) {
        page.navigate("/book?day=" + LocalDate.now().plusWeeks(4 + weeks));
        assertThat(page.getByLabel("Days").getByRole(AriaRole.HEADING).first()).isVisible();
    }

    private static void giveATime(Page page, String client) {
        button(page, "Give a time").click();
        Locator dialog = page.getByRole(AriaRole.DIALOG);
        dialog.getByLabel("Who comes")
                .fill(client.substring(client.indexOf(' ') + 1).toLowerCase(Locale.ROOT));
        dialog.getByRole(AriaRole.OPTION, new Locator.GetByRoleOptions().setName(client))
                .click();
        dialog.getByLabel("With whom").selectOption("Orla Quillane");
        assertThat(dialog.getByText("Takes ")).isVisible();
        dialog.getByLabel("Free times").getByRole(AriaRole.BUTTON).first().click();
        assertThat(dialog).isHidden();
    }

    @Test
    void todayShowsWhoSitsWhatIsToBeMadeReadyAndWhatIsMissing(Page page) {
        page.navigate("/book");
        assertThat(block(page, "install", "Isolde Marrinquay")).isVisible();
        page.navigate(
                "/book?day=" + LocalDateTime.now().minusMinutes(WAS_UNDER_WAY).toLocalDate());
        assertThat(block(page, "install", "Bettany Holm")).isVisible();
        page.navigate("/book");
        assertThat(page.getByRole(AriaRole.IMG, new Page.GetByRoleOptions().setName(Pattern.compile("^Now, "))))
                .isVisible();
        assertThat(page.getByLabel("Get ready").getByRole(AriaRole.LISTITEM).first())
                .isVisible();
        assertThat(page.getByLabel("Is missing").getByText("Ordered today").first())
                .isVisible();
        block(page, "install", "Isolde Marrinquay").click();
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("To the chair"))
                .click();
        assertThat(page.locator("[data-key=done]")).isVisible();
    }

    @Test
    void aTimeIsGivenMovedByKeysAndByHandAndCalledOff(Page page) {
        emptyDay(page, 0);
        giveATime(page, "Odalys Fenwright");
        Locator hers = block(page, "install", "Odalys Fenwright");
        assertThat(hers).isVisible();
        String at = hers.getAttribute("aria-label");
        hers.focus();
        page.keyboard().press("ArrowRight");
        assertThat(hers).not().hasAttribute("aria-label", at);
        String later = hers.getAttribute("aria-label");
        // By hand, to the other chair.
        BoundingBox from = hers.boundingBox();
        Locator door = page.locator("[data-lane]").nth(1);
        Locator window = page.locator("[data-lane]").nth(0);
        boolean isAtWindow = window.locator("[data-occasion=INSTALL]").count() == 1;
        BoundingBox to = (isAtWindow ? door : window).boundingBox();
        page.mouse().move(from.x + 30, from.y + from.height / 2);
        page.mouse().down();
        page.mouse().move(from.x + 60, to.y + to.height / 2);
        page.mouse().move(from.x + 120, to.y + to.height / 2);
        page.mouse().up();
        assertThat((isAtWindow ? door : window).locator("[data-occasion=INSTALL]"))
                .hasCount(1);
        assertThat(hers).not().hasAttribute("aria-label", later);
        hers.click();
        button(page, "Call off").click();
        assertThat(hers).hasCount(0);
    }

    @Test
    void whatIsTakenIsRefusedWithWhenItCouldBe(Page page) {
        emptyDay(page, 1);
        giveATime(page, "Odalys Fenwright");
        giveATime(page, "Wilhelmina Dray");
        Locator first = block(page, "install", "Odalys Fenwright");
        Locator second = block(page, "install", "Wilhelmina Dray");
        assertThat(second).isVisible();
        // Laid on the other by its card: the same chair or the same hands.
        String begins = first.getAttribute("aria-label").replaceAll(".*, (\\d+:\\d+) to .*", "$1");
        second.click();
        page.getByLabel("At", new Page.GetByLabelOptions().setExact(true)).fill(begins);
        button(page, "Move").click();
        Locator refused = page.getByRole(AriaRole.ALERT);
        assertThat(refused).containsText("Orla Quillane has install for Odalys Fenwright");
        assertThat(refused).containsText("Free: ");
        // It stands where it stood.
        button(page, "Leave it as it is").click();
        assertThat(refused).hasCount(0);
        assertThat(second).isVisible();
    }

    @Test
    void aHeadIsTakenDownTailsFirst(Page page) {
        page.navigate("/chair");
        page.getByText("Big and quick").first().click();
        Takedown.tailsThenRows(page);
        page.getByLabel("Loops washed and kept").fill("12");
        button(page, "less hair").click();
        button(page, "All is out").click();
        assertThat(page.getByText("let the scalp rest before the next")).isVisible();
        // It is on her row, and its sentence at the end of it.
        page.keyboard().press("Escape");
        page.getByLabel("Find anything").fill("bettany");
        page.getByRole(AriaRole.OPTION).first().click();
        assertThat(page.getByText("Last time, ")).containsText("less hair");
        assertThat(page.getByLabel("History").getByText("taken down")).isVisible();
    }

    @Test
    void anythingIsFoundFromAnywhereByKeys(Page page) {
        page.navigate("/shelf");
        assertThat(page.getByRole(AriaRole.HEADING).first()).isVisible();
        page.keyboard().press("/");
        page.keyboard().type("philippa");
        assertThat(page.getByRole(AriaRole.OPTION).first()).isVisible();
        page.keyboard().press("Enter");
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1)))
                .containsText("Philippa-Anneliese");
    }

    @Test
    void whatComesIsPutDownAndCounted(Page page) {
        page.navigate("/shelf");
        button(page, "What came of Lantern Mini, or went").click();
        Locator dialog = page.getByRole(AriaRole.DIALOG);
        dialog.getByLabel("How many packs").fill("3");
        dialog.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Put down"))
                .click();
        assertThat(dialog.getByText("3 packs")).isVisible();
        dialog.getByLabel("What happened").selectOption("LOST");
        dialog.getByLabel("How many loops").fill("5");
        dialog.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Put down"))
                .click();
        assertThat(dialog.getByText("Only 0 loops of sand")).isVisible();
        page.navigate("/shelf/count");
        Locator counted = page.getByLabel(Pattern.compile("^Counted: Lantern Mini, sand: packs of 8"));
        counted.fill("2");
        button(page, "1 less").click();
        assertThat(button(page, "1 less")).hasCount(0);
        page.navigate("/shelf/moves");
        Locator last = page.getByRole(AriaRole.LISTITEM).first();
        assertThat(last).containsText("Lantern Mini");
        assertThat(last).containsText("counted");
        assertThat(last.textContent()).contains("−1");
    }

    /** Whoever first looks at a plan without a picture has it drawn; pinned, it is seen so wherever plans are listed. */
    @Test
    void aPlanIsSeenWornWhereverItIsListed(Page page) {
        page.navigate("/chair");
        Locator picture = page.getByRole(
                        AriaRole.LINK, new Page.GetByRoleOptions().setName(Pattern.compile("Cox coils")))
                .locator("img");
        assertThat(picture).isVisible();
        assertThat(picture).hasJSProperty("naturalWidth", 400);
        String drawn = picture.getAttribute("src");
        page.navigate(drawn.replaceAll("/api/plans/([^/]+)/.*", "/bench/$1/wear"));
        page.getByTitle("The head in the round, with its hair").click();
        page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("back"))
                .click();
        button(page, "pin as its picture").click();
        assertThat(page.getByText("Pinned: so")).hasCount(1);
        page.navigate("/chair");
        assertThat(picture).isVisible();
        assertThat(picture).not().hasAttribute("src", drawn);
        assertThat(picture).hasJSProperty("naturalWidth", 400);
    }

    private static String text(Download download) {
        try {
            return Files.readString(download.path());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** The calendar goes out and comes in again with nothing to move; a card that comes in is somebody in the book. */
    @Test
    void filesGoOutAndComeIn(Page page) {
        page.navigate("/book/files");
        Download calendar = page.waitForDownload(
                () -> page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Calendar (.ics)"))
                        .click());
        assertThat(text(calendar)).startsWith("BEGIN:VCALENDAR").contains("install");
        page.getByLabel("Calendar to move by").setInputFiles(calendar.path());
        Locator dialog = page.getByRole(AriaRole.DIALOG);
        assertThat(dialog.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Nothing to move")))
                .isDisabled();
        page.keyboard().press("Escape");
        page.getByLabel("Cards to take in")
                .setInputFiles(new FilePayload(
                        "one.vcf",
                        "text/vcard",
                        "BEGIN:VCARD\r\nVERSION:3.0\r\nFN:Ísold Bøye\r\nTEL:555 0100\r\nEND:VCARD\r\n"
                                .getBytes(StandardCharsets.UTF_8)));
        assertThat(dialog).containsText("no place for it: telephone.");
        dialog.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Take 1 card in"))
                .click();
        assertThat(page.getByText("1 card taken in.")).isVisible();
        page.navigate("/book");
        page.getByLabel("Find a client").fill("isold");
        assertThat(page.getByText("Ísold Bøye").first()).isVisible();
    }

    /** A sheet of the head in paper is drawn by a browser as it is by the printer. */
    @Test
    void aSheetOfTheHeadInPaperIsDrawnByABrowser(Page page) {
        page.navigate("/book");
        String svg = (String) page.evaluate("""
                async () => {
                  const plans = await (await fetch('/api/plans')).json();
                  return (await fetch(`/api/plans/${plans[0].id}/cap/sheets/1.svg`)).text();
                }
                """);
        page.setContent(svg);
        BoundingBox sheet = page.locator("svg").boundingBox();
        // A4 at 96 points an inch.
        assertThat(sheet.width / sheet.height).isCloseTo(210.0 / 297, within(0.001));
        assertThat(sheet.width).isCloseTo(210 / 25.4 * 96, within(0.5));
        assertThat(page.locator("svg circle").count()).isGreaterThan(10);
        assertThat(page.getByText("must measure 100 mm")).isVisible();
    }

    /** The map, and the head from a side, as large as they are: the bar that says so measures five centimetres. */
    @Test
    void aDrawingOfThePlanIsAsLargeAsItIs(Page page) {
        page.navigate("/book");
        for (String sight : new String[] {"MAP", "LEFT"}) {
            String svg = (String) page.evaluate("""
                    async (sight) => {
                      const plans = await (await fetch('/api/plans')).json();
                      return (await fetch(`/api/plans/${plans[0].id}/drawing.svg?sight=${sight}`)).text();
                    }
                    """, sight);
            page.setContent(svg);
            // What it encloses, without its line.
            double wide = ((Number)
                            page.locator("#control").evaluate("(bar) => bar.getBBox().width * bar.getScreenCTM().a"))
                    .doubleValue();
            assertThat(wide).isCloseTo(50 / 25.4 * 96, within(0.5));
            assertThat(page.locator("svg circle").count()).isGreaterThan(10);
            page.navigate("/book");
        }
    }

    /** The whole book lies in a folder of hers, and the page says what it holds. */
    @Test
    void theWholeBookIsPutDown(Page page, @TempDir Path folder) throws IOException {
        page.navigate("/book/files");
        page.getByLabel("Folder").fill(folder.toString());
        page.getByRole(AriaRole.FORM, new Page.GetByRoleOptions().setName("Backups by themselves"))
                .getByRole(AriaRole.BUTTON)
                .click();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Put it down now"))
                .click();
        assertThat(page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Backups that are there")))
                .containsText("clients");
        try (Stream<Path> there = Files.list(folder)) {
            assertThat(there).singleElement().asString().endsWith(".zip");
        }
        page.getByLabel("Folder").fill("");
        page.getByRole(AriaRole.FORM, new Page.GetByRoleOptions().setName("Backups by themselves"))
                .getByRole(AriaRole.BUTTON)
                .click();
        assertThat(page.getByText("Put it down now")).isHidden();
    }

    /** A head is measured with the stand-in on one page and taken down on another, a wild length not among it. */
    @Test
    void aHeadIsTakenDownByTheTape(Page page) {
        Page panel = page.context().newPage();
        panel.navigate("/book/outside");
        Locator tape = panel.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Tape"));
        Locator wild = tape.getByText("a length comes first that no head can have");
        wild.click();
        page.navigate("/book");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("New client"))
                .click();
        // What the tape sent before it was listened to is nobody's.
        page.waitForResponse(
                answer -> answer.url().contains("/api/outside/tape"),
                () -> page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("By the tape"))
                        .click());
        assertThat(page.getByText("Lay it on round the head")).isVisible();
        tape.getByText("a large head").click();
        assertThat(page.getByText("All of them are taken.")).isVisible();
        // It is shown until the next length arrives, which on a slow machine may be never; that it was sent is certain.
        assertThat(page.request().get("/api/outside/tape?after=0&field=roundMm").text())
                .contains("1234");
        assertThat(page.getByLabel("Round the head")).hasValue("59.5");
        assertThat(page.getByLabel("Front to nape")).hasValue("38.5");
        assertThat(page.getByLabel("Nape width")).hasValue("14.0");
        wild.click();
        panel.close();
    }
}
