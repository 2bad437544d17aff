/**
 * Which head is it? From tape measures to a surface, a hairline, landmarks and a flat map.
 *
 * <p>The frame of the whole core is fixed here: origin midway between the ear notches, x to the client's right, y
 * forward, z up; millimetres and radians. λ is the angle from the midline (positive to the client's right, ±π/2 at the
 * ear notches), φ runs from the forehead (0) over the top (π/2) to the back (π) and beyond it to the nape.
 *
 * <p>Start with {@link gyrotaxis.core.scalp.HeadFitter} and {@link gyrotaxis.core.scalp.Scalp}. May import
 * {@code geometry} and {@code quantity}.
 */
@NullMarked
package gyrotaxis.core.scalp;

import org.jspecify.annotations.NullMarked;
