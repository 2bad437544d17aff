/** The tables, generated from the migrations at build time; only the repositories of each module may look in here. */
@ApplicationModule(type = ApplicationModule.Type.OPEN)
package gyrotaxis.server.db;

import org.springframework.modulith.ApplicationModule;
