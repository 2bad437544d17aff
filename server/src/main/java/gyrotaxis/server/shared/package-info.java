/** What every module needs: settings, security, problem details, the checks of incoming fields. Knows no module. */
@NullMarked
@org.springframework.modulith.ApplicationModule(type = org.springframework.modulith.ApplicationModule.Type.OPEN)
package gyrotaxis.server.shared;

import org.jspecify.annotations.NullMarked;
