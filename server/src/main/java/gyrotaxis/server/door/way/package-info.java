/** The way to the studio over its network: what this machine is called, its certificate, where it is told. */
@NullMarked
package gyrotaxis.server.door.way;

import org.jspecify.annotations.NullMarked;
