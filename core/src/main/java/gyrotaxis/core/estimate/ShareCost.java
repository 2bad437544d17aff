package gyrotaxis.core.estimate;

import gyrotaxis.core.hair.HairLine;
import gyrotaxis.core.hair.Share;
import gyrotaxis.core.install.Hooked;
import gyrotaxis.core.install.Role;
import gyrotaxis.core.install.SeatedShare;
import gyrotaxis.core.install.Station;
import gyrotaxis.core.install.Zone;
import gyrotaxis.core.install.ZoneSetting;
import gyrotaxis.core.quantity.Estimate;
import java.util.ArrayList;
import java.util.List;

/**
 * What a zone would take if it were hooked in shares of another size: as much hair, in more or fewer places.
 *
 * @param share what each place would take
 * @param spacingMm how far apart they would sit, centre to centre, mm
 * @param shares how many that makes, about
 * @param minutes to split and hook them
 */
public record ShareCost(Share share, double spacingMm, int shares, Estimate minutes) {
    /** What stylists split a loop into. */
    private static final List<Integer> SPLITS = List.of(1, 2, 3, 4, 6, 8);

    private static final double SECONDS = 60;

    /** What every size that can be would come to, larger shares first; empty where nothing is hooked but for parts and edges. */
    public static List<ShareCost> of(Hooked hooked, Zone zone, Speeds speeds) {
        ZoneSetting now = hooked.plan().setting(zone);
        List<Station> plain = hooked.stations().stream()
                .filter(s -> s.zone() == zone && (s.role() == Role.ROW || s.role() == Role.CAP))
                .toList();
        HairLine hair = hooked.hairs().get(0).line();
        double apart = hooked.spacingMm(zone);
        double loops = plain.stream().mapToDouble(s -> s.share().ofLoop()).sum();
        List<ShareCost> costs = new ArrayList<>();
        for (int parts : SPLITS) {
            Share share = new Share(parts);
            boolean isWhole = parts == 1 || !hair.goesInWhole();
            double setting = now.spacingMm() * share.ofLoop() / now.share().ofLoop();
            boolean fits = ZoneSetting.SPACING_MM.contains(setting) && setting >= SeatedShare.widthMm(hair, share);
            if (!plain.isEmpty() && isWhole && fits) {
                double times = loops / share.ofLoop() / plain.size();
                int shares = (int) Math.round(loops / share.ofLoop());
                Estimate split = speeds.splitSecondsPerShare().times(parts == 1 ? 0 : shares / SECONDS);
                costs.add(new ShareCost(
                        share,
                        apart / times,
                        shares,
                        ChairTime.hooking(plain, speeds).times(times).plus(split)));
            }
        }
        return costs;
    }
}
