package gyrotaxis.core.care;

/** Something that could do harm, said in one line where it matters. */
public enum Caution {
    /** Broken skin, infection: no install. */
    DO_NOT_INSTALL("Broken skin or infection: do not install. Refer to a doctor or a licensed professional first."),
    /** Hair that falls out suddenly is a doctor's. */
    SUDDEN_LOSS(
            "Sudden hair loss: do not install. A doctor or a licensed professional should see the scalp before anything pulls on it."),
    /** Thin edges: no pull. */
    SPARE_THE_EDGES(
            "Thin edges: keep the first stations back and light. Pain, bumps or white dots at the hairline mean too tight; loosen or take out."),
    /** Tender spots. */
    BRAID_LOOSELY("Tender spots: braid loosely there and ask as you go. Pain that stays means take it out."),
    /** A thin crown shows the rows. */
    CROWN_SHOWS("Thin crown: rows can show as stripes there, and dense stations pull. Keep them light."),
    /** Itch in earlier installs. */
    PATCH_TEST("Her scalp has itched before: patch-test a strand behind the ear a day ahead. Stop at itch or rash."),
    /** Tried by sun and sweat. */
    HOT_NAPE("Heat: a full nape gets hot. Keep it light there, and let the scalp dry fully after sweating."),
    /** Water. */
    DRY_FULLY("Swimming: it must dry fully each time; hair kept damp under the install can mildew."),
    /** Sweat. */
    WASH_AFTER_SPORT("Sport: rinse sweat out and dry fully; check for slipped knots after a week."),
    /** Nights without cover. */
    COVER_AT_NIGHT("No scarf or bonnet at night: it frizzes and mats sooner. Suggest one."),
    /** Mats easily, or much new growth, over long wear. */
    ROOTS_MAT("Her roots mat easily over this long: feed a little fibre into the rows, or take it down sooner."),
    /** Past the usual wear. */
    TAKE_DOWN_SOONER("Past 8 weeks roots tend to mat and pull: plan the takedown sooner, and rest before the next."),
    /** Scissors near the eyes. */
    FRINGE("A fringe: hold it well away from the eyes when trimming."),
    /** A child. */
    CHILD(
            "A child: lighter hair, shorter sittings with breaks, and extra care with hot water, hot tools and scissors near eyes, ears and neck. Local rules may ask for a parent's consent."),
    /** A head so small that it may be a child's, and nobody asked. */
    SMALL_HEAD(
            "A small head, perhaps a child: ask her age. With a child, extra care with hot water, hot tools and scissors near eyes, ears and neck."),
    /** A coating that irritates. */
    RINSE_FIRST("This hair is coated and her scalp reacts: rinse it, dry it, patch-test. Stop at itch or rash."),
    /** A coating on a scalp that is not known to react. */
    COATED("This hair is coated: rinse it if she itches.");

    private final String words;

    Caution(String words) {
        this.words = words;
    }

    /** The line to show. */
    public String words() {
        return words;
    }
}
