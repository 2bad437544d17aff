package gyrotaxis.e2e.practice;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.SelectOption;
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
                "What to do now",
                "What is wrong with this plan",
                "How it can go up"
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
    @ValueSource(strings = {"What is braided before what", "Taking rows out", "Chaining singles"})
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

    /** What is set as the planner has it is right, however it was come to. */
    @Test
    void aSpacingIsSetAndHeldAgainstThePlan(Page page) {
        open(page, "Close in front");
        for (Locator wider : page.getByRole(
                        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^wider:")))
                .all()) {
            assertThat(key(page, "Answer")).isDisabled();
            wider.click();
        }
        key(page, "Answer").click();
        assertThat(page.getByText(Pattern.compile("^planned:"))).hasCount(4);
        assertThat(page.getByText(Pattern.compile("loops, \\d+ %"))).isVisible();
    }

    /** Hooked the wrong way it is shown how the hair would lie, and how it should. */
    @Test
    void theHairIsShownAsItWasHooked(Page page) {
        page.navigate("/practice/drill/HOOK_WAY?level=1&seed=41");
        page.getByRole(AriaRole.SLIDER).press("ArrowUp");
        key(page, "Answer").click();
        assertThat(page.getByText("✕ Not so")).isVisible();
        assertThat(page.locator("[data-hair]")).hasCount(2);
    }

    /** From a plan to a drill about it, to its answer, and away again. */
    @Test
    void aTrainerMakesADrillOfAPlan(Page page) {
        page.navigate("/practice");
        key(page, "a drill about a plan").click();
        Locator dialog = page.getByRole(AriaRole.DIALOG);
        key(page, "Make it").click();
        assertThat(dialog.getByText("The name is missing.")).isVisible();
        assertThat(dialog.getByText("Choose the plan that it is to be about.")).isVisible();
        dialog.getByLabel("The plan").selectOption(new SelectOption().setIndex(1));
        dialog.getByLabel("The drill").selectOption("PACKS");
        dialog.getByLabel("What learners find it by").fill("How much she takes");
        key(page, "Make it").click();
        assertThat(dialog).isHidden();
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(Pattern.compile("^How much she takes")))
                .click();
        page.getByRole(AriaRole.SPINBUTTON).fill("5");
        key(page, "Answer").click();
        assertThat(page.getByText(Pattern.compile("^planned: \\d+"))).isVisible();
        key(page, "Back to practice").click();
        key(page, "take How much she takes away").click();
        assertThat(page.getByText("How much she takes")).hasCount(0);
    }

    /** A word in an answer tells what it means, and leads to all of them. */
    @Test
    void wordsOfTheTradeTellWhatTheyMean(Page page) {
        page.navigate("/practice/drill/HUMP?level=1&seed=7");
        page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("The question"))
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Tails"))
                .click();
        Locator told = page.getByRole(AriaRole.DIALOG, new Page.GetByRoleOptions().setName("tail"));
        assertThat(told).containsText("her own hair");
        told.getByRole(AriaRole.LINK).click();
        assertThat(page.locator("#tail")).isInViewport();
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
        // Past words of the question that tell what they mean.
        for (int i = 0; i < 6 && !(boolean) key(page, "Answer").evaluate("e => e === document.activeElement"); i++) {
            page.keyboard().press("Tab");
        }
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
        assertThat(page.getByText("not tried")).hasCount(15);

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
