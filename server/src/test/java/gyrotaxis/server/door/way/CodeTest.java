package gyrotaxis.server.door.way;

import static org.assertj.core.api.Assertions.assertThat;

import com.google.zxing.BinaryBitmap;
import com.google.zxing.LuminanceSource;
import com.google.zxing.common.HybridBinarizer;
import com.google.zxing.qrcode.QRCodeReader;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class CodeTest {
    private static final int CELL = 8;

    /** The printed text as a camera sees it. */
    private static final class Seen extends LuminanceSource {
        private final byte[] pixels;

        Seen(String text, int size) {
            super(size * CELL, size * CELL);
            pixels = new byte[size * CELL * size * CELL];
            String[] lines = text.split("\n");
            for (int y = 0; y < size; y++) {
                for (int x = 0; x < size; x++) {
                    char c = lines[y / 2].charAt(x);
                    boolean isLight = c == '█' || c == (y % 2 == 0 ? '▀' : '▄');
                    for (int i = 0; i < CELL * CELL; i++) {
                        pixels[(y * CELL + i / CELL) * size * CELL + x * CELL + i % CELL] = (byte) (isLight ? 255 : 0);
                    }
                }
            }
        }

        @Override
        public byte[] getRow(int y, byte[] row) {
            byte[] out = new byte[getWidth()];
            System.arraycopy(pixels, y * getWidth(), out, 0, out.length);
            return out;
        }

        @Override
        public byte[] getMatrix() {
            return pixels;
        }
    }

    @ParameterizedTest
    @ValueSource(
            strings = {"http://192.0.2.7:8420", "https://till.local:8421/come-in#_9hU2-abcdefghijklmnopqrstuv01234"})
    void whatIsPrintedIsReadByACamera(String address) throws Exception {
        Code code = new Code(address);
        BinaryBitmap seen = new BinaryBitmap(new HybridBinarizer(new Seen(code.text(), code.size())));
        assertThat(new QRCodeReader().decode(seen).getText()).isEqualTo(address);
        assertThat(code.path()).startsWith("M4 4h1v1h-1z");
    }
}
