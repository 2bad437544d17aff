package gyrotaxis.server.diary;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;

/** Installs that are ahead, for those who make ready for them. */
public interface Ahead {
    /**
     * An install, and the day by which its hair must be there.
     *
     * @param ready the day on which it is prepared, or else the day itself
     */
    record Install(UUID appointment, UUID client, UUID plan, LocalDate day, LocalDate ready) {}

    /** Installs with a plan from today on, for so many days, in order. */
    List<Install> installs(int days);
}
