/** What every request passes before a controller sees it, and the form in which it is refused. */
@NullMarked
@org.springframework.modulith.ApplicationModule(allowedDependencies = {"shared"})
package gyrotaxis.server.requests;

import org.jspecify.annotations.NullMarked;
