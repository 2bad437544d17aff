import { Button } from '../../../ui/Button';
import { useBench } from '../useBench';

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
