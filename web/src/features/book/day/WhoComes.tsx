import { useInfiniteQuery, useQuery } from '@tanstack/react-query';
import { useDeferredValue, useState } from 'react';
import { clientQuery } from '../../../api/queries';
import { CONTROL, Field } from '../../../ui/Field';
import { Suggest } from '../../../ui/Suggest';
import { clientsQuery } from '../book.queries';

/** As many as are looked over in a list under a field. */
const MAX = 8;

interface Props {
  clientId: string;
  onChoose: (id: string) => void;
  error?: string | undefined;
}

/** A client, by any part of her name. */
export function WhoComes({ clientId, onChoose, error }: Props) {
  const [typed, setTyped] = useState<string>();
  const chosen = useQuery({ ...clientQuery(clientId), enabled: clientId !== '' });
  const asked = useDeferredValue(typed?.trim() ?? '');
  const clients = useInfiniteQuery(clientsQuery(asked));
  const found = (clients.data?.pages[0]?.clients ?? []).slice(0, MAX);
  return (
    <Field label="Who comes" error={error}>
      {(aria) => (
        <div className="relative">
          <Suggest
            {...aria}
            className={CONTROL}
            placeholder="any part of her name"
            text={typed ?? chosen.data?.name ?? ''}
            onText={(text) => {
              setTyped(text);
              if (clientId) onChoose('');
            }}
            found={found}
            isBehind={asked !== (typed?.trim() ?? '') || clients.isPlaceholderData}
            keyOf={(c) => c.id}
            onChoose={(c) => {
              setTyped(undefined);
              onChoose(c.id);
            }}
            empty={clients.isSuccess && asked !== '' && `Nobody in the book is called “${asked}”.`}
            listLabel="Clients"
            listId="who-comes"
            listClass="left-0 w-full"
          >
            {(c) => <span className="truncate">{c.name}</span>}
          </Suggest>
        </div>
      )}
    </Field>
  );
}
