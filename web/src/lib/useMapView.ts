import { useGesture } from '@use-gesture/react';
import { useState, type RefObject } from 'react';

/** A stretch of a drawing, in its own units. */
export interface Frame {
  x: number;
  y: number;
  width: number;
  height: number;
}

/** How far a drawing is looked into: so many times as large, about a place of it. */
export interface MapView {
  zoom: number;
  x: number;
  y: number;
}

const MAX_ZOOM = 6;

/** Nearer than this to its whole size it is whole. */
const WHOLE = 1.01;

/** What one finger takes hold of rather than moving the picture. */
const HELD = '[role=slider], [role=button]';

/** What of a whole drawing is seen; never what lies beside it. */
export function seen(whole: Frame, view: MapView): Frame {
  const width = whole.width / view.zoom;
  const height = whole.height / view.zoom;
  const within = (at: number, from: number, all: number, part: number) =>
    Math.max(from, Math.min(from + all - part, at - part / 2));
  return {
    x: within(view.x, whole.x, whole.width, width),
    y: within(view.y, whole.y, whole.height, height),
    width,
    height,
  };
}

/** The view of a whole drawing. */
export const wholeView = (f: Frame): MapView => ({
  zoom: 1,
  x: f.x + f.width / 2,
  y: f.y + f.height / 2,
});

const middleOf = (whole: Frame, view: MapView) => wholeView(seen(whole, view));

/** The view that keeps a place under the fingers while it grows. */
export function zoomed(
  whole: Frame,
  view: MapView,
  to: number,
  at: { x: number; y: number },
): MapView {
  const zoom = Math.max(1, Math.min(MAX_ZOOM, to));
  const middle = middleOf(whole, view);
  const k = view.zoom / zoom;
  return { zoom, x: at.x + (middle.x - at.x) * k, y: at.y + (middle.y - at.y) * k };
}

/** The same, drawn along by so much of the drawing. */
export function moved(whole: Frame, view: MapView, x: number, y: number): MapView {
  const middle = middleOf(whole, view);
  return { zoom: view.zoom, x: middle.x - x, y: middle.y - y };
}

interface Options {
  /** Two fingers came down: whatever one of them had taken hold of is let go of where it was. */
  onTwoFingers?: (() => void) | undefined;
  /** Whether one finger draws or drags something, and does not move the picture. */
  isBusy?: (() => boolean) | undefined;
}

/**
 * Looks into a drawing: two fingers, or the wheel with Ctrl, make it larger and move it; one finger moves it once it is larger.
 */
export function useMapView(
  svg: RefObject<SVGSVGElement | null>,
  whole: Frame,
  options: Options = {},
) {
  const [view, setView] = useState<MapView>(() => wholeView(whole));
  const place = (clientX: number, clientY: number) => {
    const ctm = svg.current?.getScreenCTM();
    return ctm ? new DOMPoint(clientX, clientY).matrixTransform(ctm.inverse()) : { x: 0, y: 0 };
  };
  const scale = () => svg.current?.getScreenCTM()?.a ?? 1;
  useGesture(
    {
      onPinch: ({ first, origin: [x, y], offset: [zoom], memo, event }) => {
        event.preventDefault();
        if (first) options.onTwoFingers?.();
        const [lastX, lastY] = (memo as [number, number] | undefined) ?? [x, y];
        const k = scale();
        const at = place(x, y);
        setView((v) => zoomed(whole, moved(whole, v, (x - lastX) / k, (y - lastY) / k), zoom, at));
        return [x, y];
      },
      onDrag: ({ first, delta: [x, y], pinching, cancel, event }) => {
        const isHeld = first && event.target instanceof Element && event.target.closest(HELD);
        if (pinching || isHeld || options.isBusy?.()) {
          cancel();
          return;
        }
        const k = scale();
        setView((v) => (v.zoom < WHOLE ? v : moved(whole, v, x / k, y / k)));
      },
    },
    {
      target: svg,
      eventOptions: { passive: false },
      pinch: { from: () => [view.zoom, 0], scaleBounds: { min: 1, max: MAX_ZOOM } },
      drag: { filterTaps: true, pointer: { capture: false } },
    },
  );
  const frame = seen(whole, view);
  return {
    viewBox: `${frame.x} ${frame.y} ${frame.width} ${frame.height}`,
    isWhole: view.zoom < WHOLE,
    showWhole: () => setView(wholeView(whole)),
    nearer: (by: number) => setView((v) => zoomed(whole, v, v.zoom * by, middleOf(whole, v))),
  };
}
