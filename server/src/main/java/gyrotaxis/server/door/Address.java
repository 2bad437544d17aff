package gyrotaxis.server.door;

import gyrotaxis.server.door.DoorBodies.AddressView;
import gyrotaxis.server.shared.Settings;
import java.time.Clock;
import java.util.List;
import java.util.concurrent.atomic.AtomicInteger;
import org.springframework.boot.web.server.context.WebServerInitializedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** Where other devices find this studio. */
@Component
class Address {
    private final Machine machine;
    private final Certificates certificates;
    private final AtomicInteger securePort = new AtomicInteger();
    private final AtomicInteger plainPort = new AtomicInteger();

    Address(Settings settings) {
        this.machine = settings.studio() ? Machine.here() : new Machine(List.of(), List.of());
        this.certificates = new Certificates(settings.dataDir(), Clock.systemUTC());
    }

    @EventListener
    void listens(WebServerInitializedEvent e) {
        securePort.set(e.getWebServer().getPort());
    }

    void plainPort(int port) {
        plainPort.set(port);
    }

    int plainPort() {
        return plainPort.get();
    }

    /** What hosts are called in a certificate: without the brackets of addresses. */
    static List<String> certificateNames(List<String> hosts) {
        return hosts.stream().map(h -> h.replaceAll("[\\[\\]]", "")).toList();
    }

    Certificates certificates() {
        return certificates;
    }

    String secure() {
        return "https://" + machine.best() + ":" + securePort.get();
    }

    /** The same under the name that it was asked by. */
    String secure(String host) {
        return "https://" + host + ":" + securePort.get();
    }

    String plain() {
        return "http://" + machine.best() + ":" + plainPort.get();
    }

    AddressView view() {
        Code code = new Code(plain());
        return new AddressView(
                secure(), plain(), code.path(), code.size(), Certificates.fingerprint(certificates.authority()));
    }
}
