import type { Vector3Tuple } from 'three';

type Listener = (at: Vector3Tuple) => void;

/** One camera for heads that are looked at beside each other: turn one, and all turn. */
export class Pose {
  private readonly listeners = new Map<object, Listener>();
  private isTold = false;

  /** Hears where the camera was moved to by others; answers what ends the hearing. */
  hear(who: object, listener: Listener): () => void {
    this.listeners.set(who, listener);
    return () => this.listeners.delete(who);
  }

  /** Tells the others where the camera was moved to; what they do about it is not told once more. */
  move(who: object, at: Vector3Tuple): void {
    if (this.isTold) return;
    this.isTold = true;
    this.listeners.forEach((listener, other) => {
      if (other !== who) listener(at);
    });
    this.isTold = false;
  }
}
