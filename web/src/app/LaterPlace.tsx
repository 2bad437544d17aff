import { Link } from 'react-router';

interface Props {
  name: string;
  words: string;
  to: string;
  way: string;
}

/** A place that is not built yet: what will be there, and where to go meanwhile. */
export function LaterPlace({ name, words, to, way }: Props) {
  return (
    <main className="grid flex-1 place-items-center p-8">
      <div className="max-w-lg text-center">
        <h1 className="text-3xl font-semibold">{name}</h1>
        <p className="mt-3 text-lg text-soft">{words}</p>
        <p className="mt-6">
          <Link to={to} className="underline">
            {way}
          </Link>
        </p>
      </div>
    </main>
  );
}
