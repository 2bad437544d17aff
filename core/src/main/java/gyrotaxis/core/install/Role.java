package gyrotaxis.core.install;

/** Why a share is hooked where it is. */
public enum Role {
    ROW("along a row"),
    HAIRLINE("first at the hairline"),
    PART("beside a part"),
    PERIMETER("on the perimeter braid"),
    PLAIT("over an individual"),
    CAP("on the cap"),
    CROSSING("closes the gap where rows meet"),
    BASE("into base hair beside the row"),
    HAND("put there by hand");

    private final String words;

    Role(String words) {
        this.words = words;
    }

    /** What a stylist says. */
    public String words() {
        return words;
    }
}
