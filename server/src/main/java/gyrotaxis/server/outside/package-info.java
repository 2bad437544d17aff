/**
 * What is outside the studio's book, each behind an interface with a stand-in that ships: a tape, a scale, a printer of labels; and what
 * all stand-ins share, how slow they are and what goes wrong with them.
 *
 * <p>Start with {@link gyrotaxis.server.outside.SimulatedDevices}. A real one takes the place of its stand-in behind the same interface, and
 * nothing else changes: whatever a stand-in can do wrong, a real one will.
 */
@NullMarked
@ApplicationModule(allowedDependencies = {"language", "paper", "shared", "shelf"})
package gyrotaxis.server.outside;

import org.jspecify.annotations.NullMarked;
import org.springframework.modulith.ApplicationModule;
