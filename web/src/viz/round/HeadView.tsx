import { OrbitControls } from '@react-three/drei';
import { Canvas, useThree } from '@react-three/fiber';
import {
  useEffect,
  useImperativeHandle,
  useRef,
  type ElementRef,
  type KeyboardEvent,
  type Ref,
} from 'react';
import type { LookView, Solid } from '../../api/types';
import { HeadForm } from './HeadForm';
import { COARSE, HeadHair } from './HeadHair';
import { Barbs, Beads } from './Marks';
import type { Pose } from './pose';
import { useTurning } from './useTurning';
import { FIELD_OF_VIEW, MIDDLE, standsAt, VIEWS, type View } from './views';

/** What can be asked of the picture. */
export interface Picture {
  /** The picture as it is seen, PNG. */
  png: () => Promise<Blob>;
  /** From where it is looked at. */
  from: () => Pick<View, 'round' | 'up'>;
}

interface Props {
  solid: Solid;
  heldRow?: string | undefined;
  /** The hair as it falls; none, and the plan is drawn on the bare head. */
  look: LookView | undefined;
  skin: string;
  view: View;
  onView: (view: View) => void;
  /** Whether skin that shows is marked. */
  isMarked: boolean;
  /** The camera, where other heads are looked at with the same. */
  pose?: Pose | undefined;
  ref?: Ref<Picture>;
}

/** Which way each key turns it: round, and over. */
const TURNS: Record<string, readonly [number, number]> = {
  ArrowLeft: [1, 0],
  ArrowRight: [-1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
};

/** So much an arrow key turns it, rad. */
const TURN = Math.PI / 12;

/** The head in the round, to be turned by hand, wheel and keys; drawn only when something changes. */
export default function HeadView({ view, onView, ...rest }: Props) {
  const orbit = useRef<ElementRef<typeof OrbitControls>>(null);
  const onKey = (e: KeyboardEvent) => {
    const controls = orbit.current;
    const by = TURNS[e.key];
    const to = VIEWS.find((v) => v.key === e.key);
    if (!controls || (!by && !to)) return;
    e.preventDefault();
    e.stopPropagation();
    if (to) {
      onView(to);
    } else if (by) {
      controls.setAzimuthalAngle(controls.getAzimuthalAngle() + by[0] * TURN);
      controls.setPolarAngle(controls.getPolarAngle() + by[1] * TURN);
      controls.update();
    }
  };
  return (
    <div
      className={`min-h-0 min-w-0 flex-1 -outline-offset-4 ${view.isMirrored ? '-scale-x-100' : ''}`}
      data-eye={standsAt(view).join(' ')}
      data-middle={MIDDLE.join(' ')}
      data-field={FIELD_OF_VIEW}
      role="application"
      aria-roledescription="picture to be turned"
      aria-label={
        rest.look
          ? `The head worn ${rest.look.words}; drag it, press the arrow keys to turn it, or 1 to 7 for a side`
          : 'The head in the round, with its rows; drag it, press the arrow keys to turn it, or 1 to 7 for a side'
      }
      tabIndex={0}
      onKeyDown={onKey}
    >
      <Canvas
        frameloop="demand"
        flat
        gl={{ antialias: false, powerPreference: 'high-performance' }}
        camera={{ position: standsAt(view), fov: FIELD_OF_VIEW, near: 150, far: 2400 }}
      >
        <Scene {...rest} view={view} orbit={orbit} />
      </Canvas>
    </div>
  );
}

interface SceneProps extends Omit<Props, 'onView'> {
  orbit: Ref<ElementRef<typeof OrbitControls>> & {
    current: ElementRef<typeof OrbitControls> | null;
  };
}

function Scene({ solid, heldRow, look, skin, view, isMarked, pose, orbit, ref }: SceneProps) {
  const { isTurning, turned, hold } = useTurning(isMarked);
  const { gl, scene, camera, invalidate } = useThree();
  useImperativeHandle(ref, () => ({
    from: () => ({
      round: orbit.current?.getAzimuthalAngle() ?? view.round,
      up: orbit.current ? Math.PI / 2 - orbit.current.getPolarAngle() : view.up,
    }),
    png: async () => {
      // At first, and while it is turned, it is drawn in few bands.
      while (scene.getObjectByName(COARSE)) await new Promise((later) => setTimeout(later, 40));
      return new Promise((resolve, reject) => {
        // What was drawn is not kept for long: it is drawn once more and taken at once.
        gl.render(scene, camera);
        gl.domElement.toBlob((blob) => {
          if (blob) resolve(blob);
          else reject(new Error('The picture could not be taken.'));
        }, 'image/png');
      });
    },
  }));
  useEffect(() => {
    camera.position.set(...standsAt(view));
    camera.lookAt(...MIDDLE);
    orbit.current?.target.set(...MIDDLE);
    orbit.current?.update();
    invalidate();
  }, [view, camera, orbit, invalidate]);
  useEffect(
    () =>
      pose?.hear(camera, (at) => {
        camera.position.set(...at);
        orbit.current?.update();
        turned();
      }),
    [pose, camera, orbit, turned],
  );
  useEffect(() => {
    invalidate();
  }, [isMarked, look, skin, invalidate]);
  return (
    <>
      <HeadForm
        solid={solid}
        skin={skin}
        heldRow={heldRow}
        isBare={!look}
        isMarked={isMarked && look !== undefined}
      />
      {look ? (
        <HeadHair look={look} axes={solid.axes} isTurning={isTurning} isFlat={isMarked} />
      ) : (
        <>
          <Beads flat={solid.stations} />
          <Barbs flat={solid.barbs} />
        </>
      )}
      <OrbitControls
        ref={orbit}
        makeDefault
        enablePan={false}
        enableDamping={false}
        minDistance={420}
        maxDistance={1600}
        rotateSpeed={view.isMirrored ? -1 : 1}
        onStart={() => hold(true)}
        onEnd={() => hold(false)}
        onChange={() => {
          turned();
          pose?.move(camera, camera.position.toArray());
        }}
      />
    </>
  );
}
