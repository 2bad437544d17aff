import { Button } from '../../../ui/Button';
import { useBench } from '../useBench';

export function PartsStep() {
  const go = useBench((b) => b.go);
  return (
    <>
      <p>Wearing parts will be laid here: middle, left, right, slanted, full or stopping short.</p>
      <Button onClick={() => go('foundation')}>Go on to the rows</Button>
    </>
  );
}

export function WearStep() {
  const go = useBench((b) => b.go);
  return (
    <>
      <p>
        Ways of wearing will be tried here: down, swept, half up, ponytail, bun, and what would show
        in each.
      </p>
      <Button onClick={() => go('counts')}>Go on to the counts</Button>
    </>
  );
}
