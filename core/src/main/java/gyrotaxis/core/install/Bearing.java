package gyrotaxis.core.install;

import gyrotaxis.core.geometry.Vec3;

/**
 * Which way the hook goes in.
 *
 * @param entry unit direction along the scalp
 * @param rule what decided it
 * @param isContested whether another rule, or another part, would have had it go elsewhere
 * @param words what a stylist says: "from her right, toward the part"
 */
public record Bearing(Vec3 entry, Rule rule, boolean isContested, String words) {

    /** What decides a bearing, strongest first unless a method says otherwise. */
    public enum Rule {
        ACROSS("across a gap"),
        SHUT("through two knots, to draw a gap shut"),
        PART("toward the part"),
        UPDO("upward, for an updo"),
        FALL("the way the hair is to fall");

        private final String words;

        Rule(String words) {
            this.words = words;
        }

        /** Why. */
        public String words() {
            return words;
        }
    }
}
