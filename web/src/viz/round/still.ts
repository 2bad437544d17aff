import { Mesh, PerspectiveCamera, Scene, WebGLRenderer } from 'three';
import type { LookView, Solid } from '../../api/types';
import { GRAINS } from './curls';
import { formShapes, materialOf } from './formShapes';
import { grainTexture } from './grain';
import { hairGeometry } from './hairGeometry';
import { buildLocks } from './locks';
import { hairMaterial } from './shaders';
import { FIELD_OF_VIEW, MIDDLE, standsAt, type View } from './views';

/** A head of hair that is to be drawn once, and from where. */
export interface StillOf {
  solid: Solid;
  look: LookView;
  skin: string;
  view: Pick<View, 'round' | 'up'>;
}

/** Sides of a still, points; drawn twice as fine and made smaller, which smooths its edges. */
const WIDTH = 400;
const HEIGHT = 500;
const FINER = 2;

const QUALITY = 0.94;

/** What a head is set before: paper, a little darker toward the foot. */
const ABOVE = '#edf1ec';
const BELOW = '#d4ddd6';

/** Draws stills, one after the other, on a canvas that nobody sees. */
export class StillPainter {
  private readonly renderer: WebGLRenderer;

  constructor() {
    this.renderer = new WebGLRenderer({
      canvas: new OffscreenCanvas(WIDTH * FINER, HEIGHT * FINER),
      antialias: false,
      alpha: true,
    });
    this.renderer.setSize(WIDTH * FINER, HEIGHT * FINER, false);
  }

  /** A picture, JPEG. */
  draw({ solid, look, skin, view }: StillOf): Promise<Blob> {
    const scene = new Scene();
    for (const shape of formShapes(solid, false)) {
      scene.add(new Mesh(shape.geometry, materialOf(shape, skin)));
    }
    const grain = grainTexture();
    const hair = new Mesh(
      hairGeometry(buildLocks(look, solid.axes), look.colours),
      hairMaterial({ grain, grains: GRAINS.length, isFlat: false, isCoarse: false }),
    );
    hair.frustumCulled = false;
    scene.add(hair);
    const camera = new PerspectiveCamera(FIELD_OF_VIEW, WIDTH / HEIGHT, 150, 2400);
    camera.position.set(...standsAt(view));
    camera.lookAt(...MIDDLE);
    this.renderer.render(scene, camera);
    const done = onPaper(this.renderer.domElement);
    scene.traverse((o) => {
      if (o instanceof Mesh) {
        o.geometry.dispose();
        o.material.dispose();
      }
    });
    grain.dispose();
    return done;
  }
}

/** A picture on its paper; what was drawn is kept only until this task ends. */
function onPaper(drawn: CanvasImageSource): Promise<Blob> {
  const sheet = new OffscreenCanvas(WIDTH, HEIGHT);
  const to = sheet.getContext('2d');
  if (!to) throw new Error('There is nothing to draw on.');
  const paper = to.createLinearGradient(0, 0, 0, HEIGHT);
  paper.addColorStop(0, ABOVE);
  paper.addColorStop(1, BELOW);
  to.fillStyle = paper;
  to.fillRect(0, 0, WIDTH, HEIGHT);
  to.imageSmoothingQuality = 'high';
  to.drawImage(drawn, 0, 0, WIDTH, HEIGHT);
  return sheet.convertToBlob({ type: 'image/jpeg', quality: QUALITY });
}
