/**
 * What is said to clients of appointments, of what is to be prepared, and of what is looked after: in the studio's words, sent when
 * somebody says so.
 *
 * <p>Start with {@link gyrotaxis.server.messages.Messenger}, the interface behind which a stand-in ships.
 */
@NullMarked
@ApplicationModule(allowedDependencies = {"db", "diary", "outside", "people", "shared", "visits", "visits::followup"})
package gyrotaxis.server.messages;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
