package gyrotaxis.core.stock;

/** Why something came onto the shelf or left it. */
public enum MovementReason {
    BOUGHT("bought", 1),
    /** A pack goes, its loops come. */
    OPENED("opened", 0),
    USED("used", -1),
    LEFT_OVER("left over", 1),
    WASHED("washed and kept", 1),
    LOST("lost or spoilt", -1),
    /** What was counted differs from what the book said. */
    COUNTED("counted", 0),
    /** It was there when the book began. */
    BEGUN("there at the beginning", 1);

    private final String words;
    private final int sign;

    MovementReason(String words, int sign) {
        this.words = words;
        this.sign = sign;
    }

    /** What a stylist says. */
    public String words() {
        return words;
    }

    /** Whether an amount may be moved for this reason: one that comes is not used, one that goes is not bought. */
    boolean allows(long amount) {
        return amount != 0 && (sign == 0 || Long.signum(amount) == sign);
    }
}
