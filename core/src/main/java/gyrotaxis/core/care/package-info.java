/**
 * What could do harm? Cautions from what was found on the scalp and from the hair chosen.
 *
 * <p>Cautions defer to licensed professionals and local rules; they are reminders, not diagnoses. Start with
 * {@link gyrotaxis.core.care.Cautions}. May import {@code install}, {@code hair} and below, not {@code estimate}.
 */
@NullMarked
package gyrotaxis.core.care;

import org.jspecify.annotations.NullMarked;
