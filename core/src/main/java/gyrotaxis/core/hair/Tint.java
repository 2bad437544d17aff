package gyrotaxis.core.hair;

import gyrotaxis.core.quantity.Require;
import java.util.Arrays;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/**
 * What a colour of hair looks like, as its name suggests it, in CIE L*a*b*.
 *
 * <p>Names are the makers' own and no standard: a word that is known is taken at its word, "dark", "light" and "ash" move it, and a name
 * with two colours in it ("ink to copper") lies between them. ASSUMPTION: the values of the words are estimated by eye from plain colour
 * swatches; a photograph of the pack would tell better.
 *
 * @param lightness L*, in [0, 100]
 * @param red a*, green below 0
 * @param yellow b*, blue below 0
 */
public record Tint(double lightness, double red, double yellow) {
    private static final double MAX = 128;

    /** The words that are known, the first that fits is taken; those of two words come first. */
    private static final Map<String, Tint> WORDS = words();

    private static final double DARKER = 9;
    private static final double ASHEN = 0.45;

    public Tint {
        Require.inRange(lightness, 0, 100, "lightness", "");
        Require.inRange(red, -MAX, MAX, "red", "");
        Require.inRange(yellow, -MAX, MAX, "yellow", "");
    }

    private static Map<String, Tint> words() {
        Map<String, Tint> w = new LinkedHashMap<>();
        w.put("off-black", new Tint(14, 1, 1));
        w.put("off black", new Tint(14, 1, 1));
        w.put("burnt cork", new Tint(19, 3, 4));
        w.put("black", new Tint(9, 0, 0));
        w.put("ink", new Tint(9, 1, 0));
        w.put("jet", new Tint(7, 0, 0));
        w.put("cork", new Tint(45, 10, 22));
        w.put("chestnut", new Tint(28, 15, 15));
        w.put("chocolate", new Tint(24, 9, 11));
        w.put("brown", new Tint(31, 10, 16));
        w.put("mahogany", new Tint(25, 20, 10));
        w.put("wine", new Tint(24, 30, 6));
        w.put("burgundy", new Tint(24, 30, 6));
        w.put("plum", new Tint(24, 20, -8));
        w.put("rust", new Tint(38, 32, 34));
        w.put("copper", new Tint(43, 30, 36));
        w.put("auburn", new Tint(33, 24, 22));
        w.put("ginger", new Tint(48, 27, 40));
        w.put("red", new Tint(37, 45, 24));
        w.put("caramel", new Tint(54, 16, 36));
        w.put("honey", new Tint(61, 11, 37));
        w.put("gold", new Tint(65, 8, 42));
        w.put("sand", new Tint(70, 5, 24));
        w.put("wheat", new Tint(74, 4, 27));
        w.put("blonde", new Tint(72, 4, 30));
        w.put("blond", new Tint(72, 4, 30));
        w.put("pearl", new Tint(84, 1, 7));
        w.put("white", new Tint(92, 0, 3));
        w.put("silver", new Tint(73, 0, 1));
        w.put("grey", new Tint(55, 0, 1));
        w.put("gray", new Tint(55, 0, 1));
        w.put("ash", new Tint(56, 1, 5));
        w.put("pink", new Tint(65, 35, 2));
        w.put("violet", new Tint(38, 35, -35));
        w.put("blue", new Tint(35, 5, -40));
        w.put("teal", new Tint(45, -25, -8));
        w.put("green", new Tint(45, -35, 25));
        return w;
    }

    /** What a name suggests; empty if no word of it is known. */
    public static Optional<Tint> of(String name) {
        String said = name.toLowerCase(Locale.ROOT).strip();
        String[] parts = said.split("\\s+(?:to|and|with)\\s+|[/+]");
        List<Tint> tints = Arrays.stream(parts).flatMap(p -> one(p).stream()).toList();
        if (tints.isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(new Tint(
                tints.stream().mapToDouble(Tint::lightness).average().orElseThrow(),
                tints.stream().mapToDouble(Tint::red).average().orElseThrow(),
                tints.stream().mapToDouble(Tint::yellow).average().orElseThrow()));
    }

    private static Optional<Tint> one(String name) {
        return WORDS.entrySet().stream()
                .filter(e -> name.contains(e.getKey()))
                .findFirst()
                .map(e -> moved(e.getValue(), e.getKey(), name));
    }

    private static Tint moved(Tint t, String word, String name) {
        double l = t.lightness;
        if (name.contains("dark") || name.contains("deep")) {
            l -= DARKER;
        }
        if (name.contains("light") || name.contains("pale")) {
            l += DARKER;
        }
        boolean isAshen = !word.equals("ash") && (name.contains("ash") || name.contains("smoke"));
        double chroma = isAshen ? ASHEN : 1;
        return new Tint(Math.min(100, Math.max(0, l)), t.red * chroma, t.yellow * chroma);
    }

    /** How different two look: the distance in L*a*b*; 2 is just seen, 10 is seen at a glance. */
    public double from(Tint o) {
        return Math.hypot(Math.hypot(lightness - o.lightness, red - o.red), yellow - o.yellow);
    }

    /**
     * The name of whatever looks most like a colour.
     *
     * @return empty if no word of the colour is known, or of none of the others
     */
    public static Optional<String> nearest(String name, List<String> others) {
        return of(name).flatMap(wanted -> others.stream()
                .filter(o -> of(o).isPresent())
                .min(Comparator.comparingDouble(o -> of(o).orElseThrow().from(wanted))));
    }

    /** As it is drawn: {@code #rrggbb}, sRGB under daylight (D65). */
    public String hex() {
        double fy = (lightness + 16) / 116;
        double x = 0.95047 * inverse(fy + red / 500);
        double y = inverse(fy);
        double z = 1.08883 * inverse(fy - yellow / 200);
        return String.format(
                Locale.ROOT,
                "#%02x%02x%02x",
                level(3.2406 * x - 1.5372 * y - 0.4986 * z),
                level(-0.9689 * x + 1.8758 * y + 0.0415 * z),
                level(0.0557 * x - 0.2040 * y + 1.0570 * z));
    }

    private static double inverse(double f) {
        return f > 6.0 / 29 ? f * f * f : 3 * Math.pow(6.0 / 29, 2) * (f - 4.0 / 29);
    }

    private static int level(double linear) {
        double c = Math.min(1, Math.max(0, linear));
        double s = c <= 0.0031308 ? 12.92 * c : 1.055 * Math.pow(c, 1 / 2.4) - 0.055;
        return (int) Math.round(255 * s);
    }
}
