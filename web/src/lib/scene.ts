/**
 * The one place where the head's frame (x to her right, y forward, z up) becomes that of a drawing library that puts y up and
 * looks along −z: the face looks toward +z.
 */
export function toScene(flat: number[]): Float32Array {
  const xyz = new Float32Array(flat.length);
  for (let i = 0; i + 2 < flat.length; i += 3) {
    xyz[i] = -(flat[i] ?? 0);
    xyz[i + 1] = flat[i + 2] ?? 0;
    xyz[i + 2] = flat[i + 1] ?? 0;
  }
  return xyz;
}
