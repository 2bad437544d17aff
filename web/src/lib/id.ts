/** A name that nobody else makes up. Where the page has no secure origin the browser's own maker is missing. */
export function newId(): string {
  const bytes = crypto.getRandomValues(new Uint8Array(16));
  const hex = [...bytes].map((b, i) => {
    const v = i === 6 ? (b & 0x0f) | 0x40 : i === 8 ? (b & 0x3f) | 0x80 : b;
    return v.toString(16).padStart(2, '0');
  });
  return [4, 6, 8, 10].reduceRight(
    (s, at) => `${s.slice(0, at * 2)}-${s.slice(at * 2)}`,
    hex.join(''),
  );
}
