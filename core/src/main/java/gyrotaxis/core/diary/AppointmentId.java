package gyrotaxis.core.diary;

import java.util.UUID;

/** Names an appointment; made by whoever makes it, so that asking twice makes one. */
public record AppointmentId(UUID value) implements Comparable<AppointmentId> {
    @Override
    public int compareTo(AppointmentId o) {
        return value.compareTo(o.value);
    }
}
