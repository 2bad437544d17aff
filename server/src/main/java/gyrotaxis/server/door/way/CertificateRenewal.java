package gyrotaxis.server.door.way;

import gyrotaxis.server.shared.CannotStart;
import gyrotaxis.server.shared.Settings;
import java.io.IOException;
import java.security.GeneralSecurityException;
import java.time.Clock;
import java.util.List;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/**
 * Renews the certificate of a studio that is never restarted. The server takes up what lies in the store as soon as it changes, and no
 * device has to hear of it.
 */
@Component
final class CertificateRenewal {
    private static final Logger LOG = LoggerFactory.getLogger(CertificateRenewal.class);

    private final Certificates certificates;
    private final Settings settings;
    private final List<String> asked;

    CertificateRenewal(
            Settings settings, Clock clock, @Value("${" + StudioStart.ASKED_HOSTS + ":}") List<String> asked) {
        this.certificates = new Certificates(settings.dataDir(), clock);
        this.settings = settings;
        this.asked = asked;
    }

    @Scheduled(fixedDelayString = "PT12H", initialDelayString = "PT12H")
    void renew() {
        if (!settings.studio()) {
            return;
        }
        try {
            if (!certificates.authorityLasts()) {
                // A new authority has to be trusted by every device, which nobody wants to find out in the middle of a
                // day.
                LOG.warn(
                        "The studio's own authority runs out. Restart the studio, and let every device trust it once more.");
            } else if (certificates.ensure(StudioStart.names(Machine.here(), asked))) {
                LOG.info("The studio's certificate was renewed.");
            }
        } catch (CannotStart | GeneralSecurityException | IOException e) {
            // What is there holds for some weeks yet; it is tried again.
            LOG.warn("The studio's certificate was not renewed: {}", e.getMessage());
        }
    }
}
