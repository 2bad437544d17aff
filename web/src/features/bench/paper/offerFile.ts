/** Offers something as a file. */
export function offerFile(name: string, type: string, content: BlobPart): void {
  const url = URL.createObjectURL(new Blob([content], { type }));
  const link = document.createElement('a');
  link.href = url;
  link.download = name;
  link.click();
  URL.revokeObjectURL(url);
}

/** A title as a file's name. */
export const fileName = (title: string, ending: string): string =>
  `${title.replace(/[^\p{L}\p{N}]+/gu, '-').toLowerCase()}.${ending}`;
