package gyrotaxis.server.text;

import tools.jackson.core.JsonGenerator;
import tools.jackson.core.StreamWriteCapability;
import tools.jackson.databind.SerializationContext;
import tools.jackson.databind.ser.std.StdScalarSerializer;

/**
 * Writes figures of at most two decimals digit by digit.
 *
 * <p>A plan is some thousands of coordinates, rounded to a tenth and written at every move of a handle; finding the shortest
 * decimal for any number that could be takes longer than all else about them. Others are written as usual.
 */
public final class ShortFigures extends StdScalarSerializer<Double> {
    private static final double HUNDREDTHS = 100;
    private static final double MAX = 1e12;

    /** For boxed and for plain figures alike. */
    public ShortFigures() {
        super(Double.class);
    }

    @Override
    public void serialize(Double value, JsonGenerator json, SerializationContext context) {
        double v = value;
        double hundredths = Math.rint(v * HUNDREDTHS);
        boolean takesText = json.streamWriteCapabilities().isEnabled(StreamWriteCapability.CAN_WRITE_FORMATTED_NUMBERS);
        if (takesText && Math.abs(hundredths) < MAX && hundredths / HUNDREDTHS == v) {
            json.writeNumber(decimal((long) hundredths));
        } else {
            json.writeNumber(v);
        }
    }

    /** So many hundredths, as a decimal with at least one place. */
    static String decimal(long hundredths) {
        long whole = Math.abs(hundredths) / 100;
        int rest = (int) (Math.abs(hundredths) % 100);
        StringBuilder text = new StringBuilder(12);
        if (hundredths < 0) {
            text.append('-');
        }
        text.append(whole).append('.').append((char) ('0' + rest / 10));
        if (rest % 10 != 0) {
            text.append((char) ('0' + rest % 10));
        }
        return text.toString();
    }
}
