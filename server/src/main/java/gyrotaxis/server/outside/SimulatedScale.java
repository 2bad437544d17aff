package gyrotaxis.server.outside;

import org.springframework.stereotype.Component;

/** Stands in for a scale: what lies on it is said on its panel. */
@Component
class SimulatedScale implements Scale {
    private static final double STEP = 0.5;
    private static final double NOT_ZERO = 7;

    /** How far it swings while it does not come to rest, g. */
    private static final double SWING = 4;

    private final SimulatedDevices standIns;
    private volatile double grams;
    private int asked;

    SimulatedScale(SimulatedDevices standIns) {
        this.standIns = standIns;
    }

    /** Something is laid on it. */
    void lay(double lies) {
        grams = lies;
    }

    double lies() {
        return grams;
    }

    @Override
    public synchronized Shown shown() {
        standIns.pause(Outside.SCALE);
        if (standIns.has(Fault.SCALE_SILENT)) {
            throw new DoesNotAnswer("The scale does not answer. Is it switched on?");
        }
        if (standIns.has(Fault.SCALE_TOO_MUCH)) {
            throw new DoesNotAnswer("Too much lies on the scale. Weigh it in two parts.");
        }
        boolean isRestless = standIns.has(Fault.SCALE_RESTLESS);
        asked++;
        double off =
                (standIns.has(Fault.SCALE_NOT_ZERO) ? NOT_ZERO : 0) + (isRestless ? SWING * Math.sin(asked * 2.0) : 0);
        return new Shown(Math.rint((grams + off) / STEP) * STEP, STEP, !isRestless);
    }
}
