/** Plans side by side, and how each figure came about. */
@NullMarked
package gyrotaxis.server.planning.compare;

import org.jspecify.annotations.NullMarked;
