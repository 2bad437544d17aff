package gyrotaxis.server.door;

import gyrotaxis.server.door.way.Address;
import gyrotaxis.server.door.way.Code;
import gyrotaxis.server.shared.Settings;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.core.annotation.Order;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/** Says at the start where other devices find this studio; renews the certificate before its time runs out. */
@Component
class Announcement {
    private final Settings settings;
    private final Address address;
    private final SignInService service;
    private final FirstCode code;

    Announcement(Settings settings, Address address, SignInService service, FirstCode code) {
        this.settings = settings;
        this.address = address;
        this.service = service;
        this.code = code;
    }

    /** After all other that is to be ready. */
    @EventListener(ApplicationReadyEvent.class)
    @Order
    void say() {
        if (!settings.studio()) {
            return;
        }
        PrintStream out = new PrintStream(System.out, true, StandardCharsets.UTF_8);
        out.println(new Code(address.plain()).text());
        out.println("A new device learns at " + address.plain() + " how to trust this studio.");
        out.println("Those that trust it go to " + address.secure());
        out.println("What they trust is known by " + address.fingerprint());
        if (!service.hasOwner()) {
            out.println("Nobody can sign in yet. The first becomes the owner, on this machine or with the code "
                    + code.printed());
        }
    }

    /** The server takes the new one up by itself. */
    @Scheduled(fixedDelayString = "P1D", initialDelayString = "P1D")
    void renew() {
        if (settings.studio()) {
            address.renew(settings.hosts());
        }
    }
}
