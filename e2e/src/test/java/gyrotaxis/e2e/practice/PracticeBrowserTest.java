package gyrotaxis.e2e.practice;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import gyrotaxis.e2e.Studio;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Drills, from the page that offers them to the next one. */
@ExtendWith(Studio.class)
class PracticeBrowserTest {
    private static Locator key(Page page, String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    private static Locator choices(Page page) {
        return page.getByRole(
                        AriaRole.LIST,
                        new Page.GetByRoleOptions().setName(Pattern.compile("What (can be chosen|is put in order)")))
                .getByRole(AriaRole.BUTTON);
    }

    private static void open(Page page, String drill) {
        page.navigate("/practice");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(Pattern.compile("^" + drill)))
                .click();
        assertThat(key(page, "Answer")).isVisible();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "Where it gets bulky",
                "Where a part can be worn",
                "Full enough, or go on",
                "Which knot holds",
                "Tail or fibre",
                "What could do harm",
                "What to do now"
            })
    void whatIsChosenIsJudgedAndTheNextIsAnother(String drill, Page page) {
        open(page, drill);
        String asked = page.url();
        assertThat(key(page, "Answer")).isDisabled();
        choices(page).first().click();
        key(page, "Answer").click();
        assertThat(page.getByText(Pattern.compile("^(✓ Right|✕ Not so)$"))).isVisible();
        assertThat(page.getByText(Pattern.compile("^[01] right of 1$"))).isVisible();
        key(page, "Next").click();
        assertThat(key(page, "Answer")).isDisabled();
        assertThat(page).not().hasURL(asked);
    }

    @ParameterizedTest
    @ValueSource(strings = {"What is braided before what", "Taking rows out"})
    void rowsArePutInOrderAndAnOrderThatWorksIsRight(String drill, Page page) {
        open(page, drill);
        List<Locator> rows = choices(page).all();
        rows.forEach(Locator::click);
        key(page, "Answer").click();
        // As they are shown they are never right.
        Locator works = page.getByText(Pattern.compile("^One order that works"));
        assertThat(works).isVisible();
        assertThat(page.getByText("✕ Not so")).isVisible();
    }

    @ParameterizedTest
    @ValueSource(strings = {"How many packs", "How long it takes"})
    void aNumberIsJudgedAgainstThePlan(String drill, Page page) {
        open(page, drill);
        page.getByRole(AriaRole.SPINBUTTON).fill("15");
        key(page, "Answer").click();
        assertThat(page.getByText(Pattern.compile("^planned: \\d+"))).isVisible();
    }

    /** Pointed at where the answer says it goes: on the map that is drawn, turned over or not, it is then right. */
    @Test
    void theBarbIsAimedOnTheMap(Page page) {
        page.navigate("/practice/drill/HOOK_WAY?level=2&seed=41");
        Locator bead = page.getByRole(AriaRole.SLIDER);
        var at = bead.boundingBox();
        double x = at.x + at.width / 2;
        double y = at.y + at.height / 2;
        page.mouse().click(x - 80, y);
        assertThat(bead).hasAttribute("aria-valuetext", "to her left");
        page.mouse().click(x + 10, y + 80);
        key(page, "Answer").click();
        assertThat(page.getByText("✓ Right")).isVisible();
    }

    @Test
    void aDrillIsDoneWithTheKeyboardAlone(Page page) {
        page.navigate("/practice/drill/HOOK_WAY?level=2&seed=41");
        assertThat(key(page, "Answer")).isVisible();
        Locator bead = page.getByRole(AriaRole.SLIDER);
        for (int i = 0; i < 40 && !(boolean) bead.evaluate("e => e === document.activeElement"); i++) {
            page.keyboard().press("Tab");
        }
        assertThat(bead).isFocused();
        page.keyboard().press("ArrowDown");
        page.keyboard().press("Tab");
        assertThat(key(page, "Answer")).isFocused();
        page.keyboard().press("Enter");
        assertThat(page.getByText("✓ Right")).isVisible();
        assertThat(key(page, "Next")).isFocused();
        page.keyboard().press("Enter");
        assertThat(key(page, "Answer")).isDisabled();
    }

    /** From nobody to what is asked next, all of it kept. */
    @Test
    void whatALearnerAnswersIsKeptAndLeadsOn(Page page) {
        page.navigate("/practice");
        page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Who practises"))
                .getByRole(AriaRole.BUTTON)
                .last()
                .click();
        page.getByRole(AriaRole.TEXTBOX, new Page.GetByRoleOptions().setName("Who practises"))
                .fill("Tamsin Rowlock");
        page.keyboard().press("Enter");
        page.getByText("Go on, level 1").click();
        page.getByRole(AriaRole.SLIDER).press("ArrowDown");
        key(page, "Answer").click();
        assertThat(page.getByText(Pattern.compile("^[01] right of 1$"))).isVisible();
        key(page, "Next").click();
        // Something else that is new comes next, and not the same again.
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("What is braided before what")))
                .isVisible();
        assertThat(key(page, "Answer")).isDisabled();
        page.navigate("/practice/progress");
        assertThat(page.getByText(Pattern.compile("^[01] right of 1 answered$")))
                .isVisible();
        page.reload();
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("How far Tamsin Rowlock is")))
                .isVisible();
        assertThat(page.getByText("not tried")).hasCount(11);

        key(page, "Start the clock").click();
        page.keyboard().press("Enter");
        page.keyboard().press("Enter");
        // What took less than a second is no work of anybody's hands.
        assertThat(page.getByRole(AriaRole.TIMER)).not().hasText("0:00");
        key(page, "Stop the clock").click();
        key(page, "Keep it").click();
        // The second is for paper.
        assertThat(page.getByText(Pattern.compile("s each that held; usual hands take 4 to 6$"))
                        .first())
                .isVisible();
    }

    @Test
    void aKnotIsGoneThroughByKeysToWhatGoesWrong(Page page) {
        page.navigate("/practice");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(Pattern.compile("^How each is tied")))
                .click();
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("bead"))
                .click();
        assertThat(page.getByText("Step 1 of 5")).isVisible();
        key(page, "Next").focus();
        for (int i = 0; i < 4; i++) {
            page.keyboard().press("Enter");
        }
        assertThat(page.getByText("Step 5 of 5")).isVisible();
        page.keyboard().press("ArrowRight");
        assertThat(page.getByText("✕ What usually goes wrong")).isVisible();
    }
}
