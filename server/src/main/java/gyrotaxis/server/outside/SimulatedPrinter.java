package gyrotaxis.server.outside;

import java.util.ArrayList;
import java.util.List;
import org.springframework.stereotype.Component;

/** Stands in for a printer: what came out of it can be looked at. */
@Component
class SimulatedPrinter implements LabelPrinter {
    private static final int ON_ROLL = 3;

    private final SimulatedDevices standIns;
    private final List<Label> out = new ArrayList<>();
    private int sinceRoll;

    SimulatedPrinter(SimulatedDevices standIns) {
        this.standIns = standIns;
    }

    @Override
    public synchronized void begin() {
        out.clear();
    }

    @Override
    public synchronized void print(Label label) {
        standIns.pause(Outside.LABELS);
        if (standIns.has(Fault.LABELS_SILENT)) {
            throw new DoesNotAnswer("The label printer does not answer. Is it switched on?");
        }
        if (standIns.has(Fault.LABELS_RUN_OUT) && sinceRoll >= ON_ROLL) {
            sinceRoll = 0;
            throw new DoesNotAnswer("The roll of labels has ended. Put a new one in, then go on.");
        }
        sinceRoll++;
        out.add(label);
    }

    @Override
    public synchronized List<Label> out() {
        return List.copyOf(out);
    }
}
