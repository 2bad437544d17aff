/**
 * Who sits where, and when? Appointments, working hours, free times, and a day that runs late.
 *
 * <p>Moments are {@link java.time.Instant}s; days and hours are those of the studio's zone, so that a day on which the clocks change has
 * the length it has. Start with {@link gyrotaxis.core.diary.Diary}. May import {@code quantity}.
 */
@NullMarked
package gyrotaxis.core.diary;

import org.jspecify.annotations.NullMarked;
