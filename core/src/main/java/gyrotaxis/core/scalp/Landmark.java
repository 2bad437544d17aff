package gyrotaxis.core.scalp;

/** Named places on a head; left and right are the client's. */
public enum Landmark {
    FRONT_CENTRE("front"),
    CROWN("crown"),
    OCCIPITAL_BONE("occipital bone"),
    NAPE_CENTRE("nape"),
    LEFT_TEMPLE("left temple"),
    RIGHT_TEMPLE("right temple"),
    LEFT_EAR("left ear"),
    RIGHT_EAR("right ear"),
    LEFT_NAPE_CORNER("left nape corner"),
    RIGHT_NAPE_CORNER("right nape corner");

    private final String words;

    Landmark(String words) {
        this.words = words;
    }

    /** What a stylist calls it. */
    public String words() {
        return words;
    }
}
