package gyrotaxis.server.pictures;

import com.drew.imaging.ImageMetadataReader;
import com.drew.imaging.ImageProcessingException;
import com.drew.metadata.Metadata;
import com.drew.metadata.MetadataException;
import com.drew.metadata.exif.ExifIFD0Directory;
import gyrotaxis.core.quantity.Sentence;
import gyrotaxis.server.shared.FieldProblem;
import gyrotaxis.server.shared.FieldProblems;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Arrays;
import java.util.List;
import java.util.concurrent.locks.ReentrantLock;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import javax.imageio.stream.ImageInputStream;

/**
 * Makes a picture fit to be kept: turned upright, at most {@link #MAX_PX} long, drawn anew as a JPEG and so without anything that a
 * telephone wrote into it about place, time or owner.
 */
public final class Pictures {
    /** The longer side of what is kept, pixels. */
    static final int MAX_PX = 2_048;

    /** What is larger is not opened at all: a small file can claim to be a huge picture. */
    static final long MAX_PIXELS = 40_000_000;

    /** The longer side of what is opened, pixels: rows are read one by one, but each of them whole. */
    static final int MAX_SIDE = 30_000;

    private static final byte[] PNG = {(byte) 0x89, 'P', 'N', 'G', '\r', '\n', 0x1a, '\n'};
    private static final byte[] JPEG = {(byte) 0xff, (byte) 0xd8, (byte) 0xff};

    /** However many are sent at the same moment, the memory of one is enough. */
    private static final ReentrantLock ONE_AT_A_TIME = new ReentrantLock(true);

    private static final float QUALITY = 0.88f;
    private static final String REFUSED = "Only PNG and JPEG pictures can be kept; this is something else.";
    private static final int MIRRORED_FROM = 5;

    static {
        // Temporary files of pictures have no business on the disk.
        ImageIO.setUseCache(false);
    }

    private Pictures() {}

    /**
     * A picture fit to be kept.
     *
     * @throws FieldProblems with a sentence if it is none, or too large
     */
    public static Picture of(byte[] file) {
        // No reader of another kind ever sees the file, and none decides by itself that it is its own.
        String format = begins(file, PNG) ? "png" : begins(file, JPEG) ? "jpeg" : "";
        if (format.isEmpty()) {
            throw refused(REFUSED);
        }
        ImageReader reader = ImageIO.getImageReadersByFormatName(format).next();
        try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(file))) {
            reader.setInput(in, true, true);
            refuseHuge(reader.getWidth(0), reader.getHeight(0));
            ONE_AT_A_TIME.lock();
            try {
                return kept(upright(small(reader), turn(file)));
            } finally {
                ONE_AT_A_TIME.unlock();
            }
        } catch (IOException | IllegalArgumentException | IndexOutOfBoundsException e) {
            throw refused("This picture is damaged and cannot be opened. Take it once more.");
        } finally {
            reader.dispose();
        }
    }

    private static boolean begins(byte[] file, byte[] with) {
        return file.length >= with.length && Arrays.equals(file, 0, with.length, with, 0, with.length);
    }

    /** By what its header says, before anything of it is opened. */
    private static void refuseHuge(int width, int height) {
        if ((long) width * height > MAX_PIXELS || Math.max(width, height) > MAX_SIDE) {
            throw refused("This picture is " + width + " by " + height + " pixels, more than can be opened here.");
        }
    }

    private static BufferedImage small(ImageReader reader) throws IOException {
        int width = reader.getWidth(0);
        int height = reader.getHeight(0);
        ImageReadParam param = reader.getDefaultReadParam();
        // Every other pixel is enough where it is made much smaller anyway, and takes a quarter of the room: never more
        // than twice of what is kept, on either side, is held at once.
        int step = Math.max(1, (Math.max(width, height) + 2 * MAX_PX - 1) / (2 * MAX_PX));
        param.setSourceSubsampling(step, step, 0, 0);
        BufferedImage read = reader.read(0, param);
        double scale = Math.min(1, (double) MAX_PX / Math.max(read.getWidth(), read.getHeight()));
        return drawn(
                read,
                Math.max(1, (int) Math.round(read.getWidth() * scale)),
                Math.max(1, (int) Math.round(read.getHeight() * scale)),
                AffineTransform.getScaleInstance(scale, scale));
    }

    /** What is see-through is drawn on white. */
    private static BufferedImage drawn(BufferedImage from, int width, int height, AffineTransform how) {
        BufferedImage to = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = to.createGraphics();
        g.setColor(Color.WHITE);
        g.fillRect(0, 0, width, height);
        g.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
        g.drawImage(from, how, null);
        g.dispose();
        return to;
    }

    /** How it lies, as EXIF says it: 1 upright to 8. */
    private static int turn(byte[] file) {
        try {
            Metadata all = ImageMetadataReader.readMetadata(new ByteArrayInputStream(file));
            ExifIFD0Directory exif = all.getFirstDirectoryOfType(ExifIFD0Directory.class);
            return exif == null || !exif.containsTag(ExifIFD0Directory.TAG_ORIENTATION)
                    ? 1
                    : exif.getInt(ExifIFD0Directory.TAG_ORIENTATION);
        } catch (ImageProcessingException | MetadataException | IOException e) {
            // A picture that says nothing sensible of how it lies is kept as it lies.
            return 1;
        }
    }

    private static BufferedImage upright(BufferedImage b, int turn) {
        double w = b.getWidth();
        double h = b.getHeight();
        AffineTransform how = switch (turn) {
            case 2 -> new AffineTransform(-1, 0, 0, 1, w, 0);
            case 3 -> new AffineTransform(-1, 0, 0, -1, w, h);
            case 4 -> new AffineTransform(1, 0, 0, -1, 0, h);
            case 5 -> new AffineTransform(0, 1, 1, 0, 0, 0);
            case 6 -> new AffineTransform(0, 1, -1, 0, h, 0);
            case 7 -> new AffineTransform(0, -1, -1, 0, h, w);
            case 8 -> new AffineTransform(0, -1, 1, 0, 0, w);
            default -> new AffineTransform();
        };
        boolean isOnItsSide = turn >= MIRRORED_FROM && turn <= 8;
        return how.isIdentity() ? b : drawn(b, isOnItsSide ? (int) h : (int) w, isOnItsSide ? (int) w : (int) h, how);
    }

    private static Picture kept(BufferedImage b) throws IOException {
        ImageWriter writer = ImageIO.getImageWritersByFormatName("jpeg").next();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageWriteParam param = writer.getDefaultWriteParam();
        param.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
        param.setCompressionQuality(QUALITY);
        writer.setOutput(ImageIO.createImageOutputStream(out));
        try {
            writer.write(null, new IIOImage(b, null, null), param);
        } finally {
            writer.dispose();
        }
        return new Picture(out.toByteArray(), b.getWidth(), b.getHeight());
    }

    private static FieldProblems refused(String why) {
        return new FieldProblems(List.of(FieldProblem.of("picture", Sentence.of(why))));
    }
}
