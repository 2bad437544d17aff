/** What is looked after once a client has gone home, and what was told of it. */
@NullMarked
@NamedInterface("followup")
package gyrotaxis.server.visits.followup;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.NamedInterface;
