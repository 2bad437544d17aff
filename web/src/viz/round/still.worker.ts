import type { Asked, Answered } from './drawnApart';
import { StillPainter } from './still';

let painter: StillPainter | undefined;

addEventListener('message', (e: MessageEvent<Asked>) => {
  void answer(e.data).then((a) => self.postMessage(a));
});

async function answer({ id, of }: Asked): Promise<Answered> {
  try {
    painter ??= new StillPainter();
    return { id, picture: await painter.draw(of) };
  } catch (cause) {
    return { id, problem: String(cause) };
  }
}
