/** The book for calendars elsewhere, and what was moved there. */
@NullMarked
@ApplicationModule(allowedDependencies = {"diary", "people", "shared", "tables", "visits", "visits::followup"})
package gyrotaxis.server.calendar;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
