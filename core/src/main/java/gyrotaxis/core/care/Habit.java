package gyrotaxis.core.care;

/** How the client lives, as far as it wears on an install. */
public enum Habit {
    HEAT("hot days or work"),
    WIND("out in the wind"),
    SPORT("sport"),
    SWIMMING("swimming"),
    NO_SCARF("no scarf or bonnet at night");

    private final String words;

    Habit(String words) {
        this.words = words;
    }

    /** What a stylist would note down. */
    public String words() {
        return words;
    }
}
