package gyrotaxis.core.diary;

import gyrotaxis.core.quantity.Estimate;

/** What an appointment is for. Usual lengths are ASSUMPTIONS where no plan tells them; they are to be learned from the book. */
public enum Occasion {
    CONSULTATION("consultation", "looked at, measured, planned", true, new Estimate(20, 30, 45)),
    PREPARE("preparing hair", "rinsed, dried, split, sorted", false, new Estimate(15, 30, 60)),
    INSTALL("install", "rows and hair", true, new Estimate(120, 180, 240)),
    FILL("second-day fill", "fills after a night", true, new Estimate(15, 25, 40)),
    SLIP_CHECK("slip check", "knots looked over and refilled", true, new Estimate(15, 25, 40)),
    REFRESH("back anew", "the back braided and hooked anew", true, new Estimate(60, 90, 120)),
    TAKEDOWN("takedown", "cut out, rows undone", true, new Estimate(45, 75, 120));

    private final String words;
    private final String says;
    private final boolean takesChair;
    private final Estimate usualMinutes;

    Occasion(String words, String says, boolean takesChair, Estimate usualMinutes) {
        this.words = words;
        this.says = says;
        this.takesChair = takesChair;
        this.usualMinutes = usualMinutes;
    }

    /** What a stylist calls it. */
    public String words() {
        return words;
    }

    /** What is done in it. */
    public String says() {
        return says;
    }

    /** Whether somebody sits for it. What is prepared needs hands and a table, no chair. */
    public boolean takesChair() {
        return takesChair;
    }

    /** How long it takes when nothing is known of the head. */
    public Estimate usualMinutes() {
        return usualMinutes;
    }
}
