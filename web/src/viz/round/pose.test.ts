import { describe, expect, it } from 'vitest';
import { Pose } from './pose';

describe('Pose', () => {
  it('tells all others where the camera went, and none of them back', () => {
    const pose = new Pose();
    const [a, b, c] = [{}, {}, {}];
    const heard: string[] = [];
    pose.hear(a, () => heard.push('a'));
    pose.hear(b, (at) => {
      heard.push(`b ${at.join()}`);
      // As a camera that is set says that it moved.
      pose.move(b, at);
    });
    const end = pose.hear(c, () => heard.push('c'));
    pose.move(a, [1, 2, 3]);
    expect(heard).toEqual(['b 1,2,3', 'c']);
    end();
    pose.move(b, [0, 0, 0]);
    expect(heard).toEqual(['b 1,2,3', 'c', 'a']);
  });
});
