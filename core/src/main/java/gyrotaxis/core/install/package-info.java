/**
 * Where is each share hooked? Zones, spacing, shares, knots and the stations they make.
 *
 * <p>Start with {@link gyrotaxis.core.install.StationPlacer}. May import {@code foundation}, {@code hair} and below.
 */
@NullMarked
package gyrotaxis.core.install;

import org.jspecify.annotations.NullMarked;
