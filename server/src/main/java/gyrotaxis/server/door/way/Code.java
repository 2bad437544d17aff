package gyrotaxis.server.door.way;

import com.google.zxing.WriterException;
import com.google.zxing.qrcode.decoder.ErrorCorrectionLevel;
import com.google.zxing.qrcode.encoder.ByteMatrix;
import com.google.zxing.qrcode.encoder.Encoder;

/** A text as a code for cameras (QR), as a drawing and as text. */
public final class Code {
    /** Light cells around it (ISO/IEC 18004, 9.1). */
    private static final int QUIET = 4;

    private final ByteMatrix cells;

    /** The code of a text. */
    public Code(String text) {
        try {
            cells = Encoder.encode(text, ErrorCorrectionLevel.M).getMatrix();
        } catch (WriterException e) {
            throw new IllegalArgumentException("cannot be drawn as a code: " + text, e);
        }
    }

    /** How many cells it is wide and high, its margin with it. */
    public int size() {
        return cells.getWidth() + 2 * QUIET;
    }

    private boolean isDark(int x, int y) {
        int column = x - QUIET;
        int row = y - QUIET;
        boolean isInside = column >= 0 && row >= 0 && column < cells.getWidth() && row < cells.getHeight();
        return isInside && cells.get(column, row) == 1;
    }

    /** As a path of SVG, a square of 1 for each dark cell. */
    public String path() {
        StringBuilder path = new StringBuilder();
        for (int y = 0; y < size(); y++) {
            for (int x = 0; x < size(); x++) {
                if (isDark(x, y)) {
                    path.append('M').append(x).append(' ').append(y).append("h1v1h-1z");
                }
            }
        }
        return path.toString();
    }

    /** For a terminal, two rows of cells to a line; light on dark, as most terminals are. */
    public String text() {
        StringBuilder text = new StringBuilder();
        for (int y = 0; y < size(); y += 2) {
            for (int x = 0; x < size(); x++) {
                boolean upper = !isDark(x, y);
                boolean lower = !isDark(x, y + 1);
                text.append(upper && lower ? '█' : upper ? '▀' : lower ? '▄' : ' ');
            }
            text.append('\n');
        }
        return text.toString();
    }
}
