/** Appointments: who comes when, to which chair, to whom, and with which plan. */
@NullMarked
@ApplicationModule(allowedDependencies = {"shared", "language", "db", "book", "people", "planning", "plans"})
package gyrotaxis.server.diary;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
