/** Tables as files: written so that any spreadsheet reads them, and read however a spreadsheet wrote them. */
@NullMarked
@ApplicationModule(allowedDependencies = {"shared", "text"})
package gyrotaxis.server.tables;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
