/** A code for a camera, drawn as it came. */
export function DrawnCode({ path, size, words }: { path: string; size: number; words: string }) {
  return (
    <svg
      role="img"
      aria-label={words}
      viewBox={`0 0 ${size} ${size}`}
      shapeRendering="crispEdges"
      className="w-40 shrink-0 rounded-md bg-white"
    >
      <path d={path} fill="#000" />
    </svg>
  );
}
