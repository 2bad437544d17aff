package gyrotaxis.server.messages;

import gyrotaxis.server.outside.DoesNotAnswer;
import gyrotaxis.server.outside.Fault;
import gyrotaxis.server.outside.Outside;
import gyrotaxis.server.outside.SimulatedDevices;
import org.springframework.stereotype.Component;

/** Stands in for whatever carries messages, and carries none: nothing leaves the machine. */
@Component
class SimulatedMessenger implements Messenger {
    private final SimulatedDevices standIns;

    SimulatedMessenger(SimulatedDevices standIns) {
        this.standIns = standIns;
    }

    @Override
    public Fate send(String client, String words) {
        standIns.pause(Outside.MESSAGES);
        if (standIns.has(Fault.MESSAGES_SILENT)) {
            throw new DoesNotAnswer("Messages are not taken at present. Nothing was sent; try again later, or call.");
        }
        return standIns.has(Fault.MESSAGES_LOST) ? Fate.CAME_BACK : Fate.TAKEN;
    }
}
