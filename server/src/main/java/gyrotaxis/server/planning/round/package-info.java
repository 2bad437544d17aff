/** What of a plan is drawn in the round. */
@NullMarked
package gyrotaxis.server.planning.round;

import org.jspecify.annotations.NullMarked;
