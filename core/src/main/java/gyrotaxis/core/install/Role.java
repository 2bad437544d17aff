package gyrotaxis.core.install;

import java.util.List;

/** Why a share is hooked where it is. */
public enum Role {
    ROW("along a row"),
    HAIRLINE("first at the hairline"),
    PART("beside a part"),
    PERIMETER("on the perimeter braid"),
    PLAIT("over a single"),
    CAP("on the cap"),
    CROSSING("closes the gap where rows meet"),
    BASE("into base hair beside the row"),
    HAND("put there by hand");

    private final String words;

    Role(String words) {
        this.words = words;
    }

    /** The questions of a method whose answers decide how a share is tied and hooked here. */
    public List<Class<? extends School>> decidedBy() {
        return switch (this) {
            case PART -> List.of(Method.PartKnot.class, Method.BearingFirst.class);
            case HAIRLINE -> List.of(Method.HairlineKnot.class, Method.RowStart.class, Method.BearingFirst.class);
            default -> List.of(Method.BearingFirst.class);
        };
    }

    /** What a stylist says. */
    public String words() {
        return words;
    }
}
