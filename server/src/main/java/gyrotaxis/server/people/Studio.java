package gyrotaxis.server.people;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;

/**
 * The studio itself.
 *
 * @param name as it stands on the door; may be empty
 * @param zone by whose clock its days go
 * @param gap what is left between two appointments
 * @param version grows by one with every change
 */
public record Studio(String name, ZoneId zone, Duration gap, int version) {
    /** The day that a moment falls on here. */
    public LocalDate day(Instant at) {
        return at.atZone(zone).toLocalDate();
    }
}
