/**
 * Vectors, curves, surfaces and maps that have never heard of hair.
 *
 * <p>Lengths are millimetres and angles radians, by convention of the callers; nothing here depends on the unit. Start
 * with {@link gyrotaxis.core.geometry.SuperEllipsoid} and {@link gyrotaxis.core.geometry.EqualAreaChart}. May import
 * {@code quantity}.
 */
@NullMarked
package gyrotaxis.core.geometry;

import org.jspecify.annotations.NullMarked;
