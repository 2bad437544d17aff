package gyrotaxis.core.diary;

import java.time.LocalDate;

/**
 * Days on which somebody does not work.
 *
 * @param first the first of them
 * @param last the last of them; not before {@code first}
 * @param why in her words; may be empty
 */
public record DaysOff(LocalDate first, LocalDate last, String why) {
    public DaysOff {
        if (last.isBefore(first)) {
            throw new IllegalArgumentException("last is " + last + " but must not be before " + first);
        }
    }

    boolean has(LocalDate day) {
        return !day.isBefore(first) && !day.isAfter(last);
    }
}
