import { useEffect, useState } from 'react';
import { readPicture } from '../visit/device';

/** A picture of the visit: from this device as long as it is only here, from the server otherwise. */
export function Picture({ visitId, id }: { visitId: string; id: string }) {
  const [here, setHere] = useState<string>();
  useEffect(() => {
    let url: string | undefined;
    let isGone = false;
    void readPicture(id).then((p) => {
      if (!p || isGone) return;
      url = URL.createObjectURL(p.file);
      setHere(url);
    });
    return () => {
      isGone = true;
      if (url) URL.revokeObjectURL(url);
    };
  }, [id]);
  return (
    <img
      src={here ?? `/api/visits/${visitId}/pictures/${id}`}
      alt="Taken at this visit"
      className="h-40 rounded-md border border-line object-cover"
    />
  );
}
