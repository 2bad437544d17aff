package gyrotaxis.server.demo;

import gyrotaxis.core.geometry.Vec3;
import gyrotaxis.core.plan.InstallPlan;
import gyrotaxis.core.wear.FallenHair;
import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Path2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Comparator;
import java.util.List;
import java.util.SplittableRandom;
import javax.imageio.ImageIO;

/** A picture of a made-up client, drawn from her plan: nobody's photograph is in the demo studio. */
final class DemoPicture {
    private static final int WIDTH = 900;
    private static final int HEIGHT = 1_100;

    /** Pixels to a millimetre, and where the middle between the ears lies. */
    private static final double SCALE = 2.6;

    private static final double DOWN = 430;
    private static final int STRANDS = 34;
    private static final double SPREAD_MM = 24;
    private static final Color GROUND = new Color(0xE6ECE7);
    private static final Color SKIN = new Color(0xC9AB8F);

    /** From where it is taken. */
    enum From {
        BEHIND {
            @Override
            double across(Vec3 p) {
                return p.x();
            }

            @Override
            double near(Vec3 p) {
                return -p.y();
            }
        },
        HER_LEFT {
            @Override
            double across(Vec3 p) {
                return -p.y();
            }

            @Override
            double near(Vec3 p) {
                return -p.x();
            }
        };

        abstract double across(Vec3 p);

        abstract double near(Vec3 p);
    }

    private DemoPicture() {}

    /** A PNG of a head with its hair. */
    static byte[] of(InstallPlan plan, List<FallenHair> hair, From from) {
        BufferedImage b = new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = b.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        g.setColor(GROUND);
        g.fillRect(0, 0, WIDTH, HEIGHT);
        head(g, plan, from);
        SplittableRandom r = new SplittableRandom(plan.brief().hashCode());
        hair.stream()
                .sorted(Comparator.comparingDouble(h -> from.near(h.line().get(0))))
                .forEach(h -> strands(g, h, from, r));
        g.dispose();
        try (ByteArrayOutputStream out = new ByteArrayOutputStream()) {
            ImageIO.write(b, "png", out);
            return out.toByteArray();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static void head(Graphics2D g, InstallPlan plan, From from) {
        double wide = 0;
        double high = 0;
        for (Vec3 p : plan.foundation().rows().get(0).path().space()) {
            high = Math.max(high, p.z());
        }
        for (var row : plan.foundation().rows()) {
            for (Vec3 p : row.path().space()) {
                wide = Math.max(wide, Math.abs(from.across(p)));
                high = Math.max(high, p.z());
            }
        }
        g.setColor(SKIN);
        double w = 2 * wide * SCALE;
        double h = 2.1 * high * SCALE;
        g.fill(new Ellipse2D.Double(WIDTH / 2.0 - w / 2, DOWN - high * SCALE, w, h));
        g.fill(new Ellipse2D.Double(WIDTH / 2.0 - w / 5, DOWN + high * SCALE * 0.5, w / 2.5, h * 0.8));
    }

    private static void strands(Graphics2D g, FallenHair h, From from, SplittableRandom r) {
        for (int k = 0; k < STRANDS; k++) {
            double dx = SPREAD_MM * (r.nextDouble() - 0.5) * 2;
            double phase = r.nextDouble() * 6;
            int shade = 22 + r.nextInt(34);
            g.setColor(new Color(shade + 14, shade + 4, shade));
            g.setStroke(new BasicStroke(2.2f, BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND));
            Path2D path = new Path2D.Double();
            for (int i = 0; i < h.line().size(); i++) {
                Vec3 p = h.line().get(i);
                double out = Math.min(1, i / 4.0);
                double x = WIDTH / 2.0 + SCALE * (from.across(p) + out * (dx + 3 * Math.sin(i * 0.9 + phase)));
                double y = DOWN - SCALE * p.z();
                if (i == 0) {
                    path.moveTo(x, y);
                } else {
                    path.lineTo(x, y);
                }
            }
            g.draw(path);
        }
    }
}
