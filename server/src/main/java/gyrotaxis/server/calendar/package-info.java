/** The book for calendars elsewhere, and what was moved there. */
@NullMarked
@ApplicationModule(allowedDependencies = {"shared", "diary", "visits", "people", "tables"})
package gyrotaxis.server.calendar;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
