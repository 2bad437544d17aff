package gyrotaxis.server.door.way;

import gyrotaxis.server.shared.Settings;
import java.time.Clock;
import java.util.List;
import java.util.concurrent.atomic.AtomicInteger;
import org.springframework.boot.web.server.context.WebServerInitializedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** Where other devices find this studio. */
@Component
public class Address {
    private final Machine machine;
    private final Certificates certificates;
    private final AtomicInteger securePort = new AtomicInteger();
    private final AtomicInteger plainPort = new AtomicInteger();

    Address(Settings settings) {
        this.machine = settings.studio() ? Machine.here() : new Machine(List.of(), List.of());
        this.certificates = new Certificates(settings.dataDir(), Clock.systemUTC());
    }

    /**
     * Where other devices find this studio.
     *
     * @param plain where they learn how to trust it
     * @param qr the path of its code for a camera, in units of one cell
     * @param qrSize how many cells it is wide and high
     */
    public record AddressView(String address, String plain, String qr, int qrSize, String fingerprint) {}

    @EventListener
    void listens(WebServerInitializedEvent e) {
        securePort.set(e.getWebServer().getPort());
    }

    void plainPort(int port) {
        plainPort.set(port);
    }

    /** What hosts are called in a certificate: without the brackets of addresses. */
    private static List<String> certificateNames(List<String> hosts) {
        return hosts.stream().map(h -> h.replaceAll("[\\[\\]]", "")).toList();
    }

    Certificates certificates() {
        return certificates;
    }

    /** With TLS. */
    public String secure() {
        return "https://" + machine.best() + ":" + securePort.get();
    }

    /** The same under the name that it was asked by. */
    String secure(String host) {
        return "https://" + host + ":" + securePort.get();
    }

    /** Without TLS, where the way to it is told. */
    public String plain() {
        return "http://" + machine.best() + ":" + plainPort.get();
    }

    /** All of it. */
    public AddressView view() {
        Code code = new Code(plain());
        return new AddressView(secure(), plain(), code.path(), code.size(), fingerprint());
    }

    /** By what devices know this studio. */
    public String fingerprint() {
        return Certificates.fingerprint(certificates.authority());
    }

    /** Makes the certificate anew if its time runs out; the server takes it up by itself. */
    public void renew(List<String> hosts) {
        certificates.ensure(certificateNames(hosts));
    }
}
