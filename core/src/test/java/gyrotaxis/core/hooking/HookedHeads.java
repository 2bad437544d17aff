package gyrotaxis.core.hooking;

import gyrotaxis.core.foundation.Foundation;
import gyrotaxis.core.foundation.FoundationBrief;
import gyrotaxis.core.hair.HairLine;
import gyrotaxis.core.hair.Texture;
import gyrotaxis.core.install.Hooked;
import gyrotaxis.core.install.HookingBrief;
import gyrotaxis.core.knot.Demand;
import gyrotaxis.core.laying.RowLayout;
import gyrotaxis.core.ownhair.OwnHair;
import gyrotaxis.core.quantity.Money;
import gyrotaxis.core.scalp.HeadFitter;
import gyrotaxis.core.scalp.HeadMeasures;
import gyrotaxis.core.scalp.Scalp;
import java.util.List;

/** Heads that tests hook. */
public final class HookedHeads {
    /** A medium head. */
    public static final Scalp MEDIUM = Scalp.of(HeadFitter.fit(HeadMeasures.ofAll(565, 360, 330, 317, 370, 125)));

    /** Fourteen rows in front, five behind. */
    public static final Foundation STRAIGHT = RowLayout.lay(MEDIUM, FoundationBrief.of(14, 5, 12), OwnHair.ordinary());

    private HookedHeads() {}

    /** Hair that hangs 30 cm, its loops as thick as usual. */
    public static HairLine hair(Texture texture) {
        return hair(texture, 300);
    }

    /** Hair that hangs so long, mm, its loops as thick as usual. */
    public static HairLine hair(Texture texture, double lengthMm) {
        return new HairLine(
                "Slack Water",
                texture,
                lengthMm,
                false,
                20,
                1,
                texture.usualGramsPerM() * lengthMm / 1000,
                Money.of(650, "EUR"),
                false,
                List.of("ink", "honey"));
    }

    /** The medium head hooked in the usual way. */
    public static Hooked medium(Texture texture) {
        return hook(STRAIGHT, texture, HookingBrief.usual(), Demand.ordinary());
    }

    /** The medium head with other rows, hooked in a way. */
    public static Hooked hook(Foundation rows, Texture texture, HookingBrief brief, Demand demand) {
        return Hooker.hook(MEDIUM, rows, hair(texture), 1, brief, demand, List.of(), 0);
    }
}
