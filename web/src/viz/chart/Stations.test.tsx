import { fireEvent, render, screen } from '@testing-library/react';
import { useState } from 'react';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { sample } from '../../testing/onBench';
import { SCREEN } from '../palette';
import { Stations } from './Stations';

const { stations, kinds } = sample.plan;
const onPick = vi.fn();
const rows = [...new Set(stations.map((s) => s.row))];
const startOf = (row: string | undefined) => stations.find((s) => s.row === row)?.id;

/** A map on which only stations are. */
function Map({ isMoving = false }: { isMoving?: boolean }) {
  const [held, hold] = useState<string>();
  return (
    <svg data-held={held}>
      <Stations
        stations={stations}
        kinds={kinds}
        palette={SCREEN}
        hasBarbs={false}
        held={held}
        onHold={hold}
        onPick={onPick}
        isMoving={isMoving}
      />
    </svg>
  );
}

const walker = () => screen.getByRole('slider', { name: 'Stations' });
const held = () => document.querySelector<SVGElement>('svg')?.dataset.held;
const press = (...keys: string[]) => {
  for (const key of keys) fireEvent.keyDown(walker(), { key });
};

beforeEach(() => onPick.mockReset());

describe('Stations', () => {
  it('takes the first station in hand when it is tabbed to, and lets go when it is left', () => {
    render(<Map />);
    fireEvent.focus(walker());
    expect(held()).toBe(stations[0]?.id);
    fireEvent.blur(walker());
    expect(held()).toBeUndefined();
  });

  it('walks along the rows, and no further than the last station', () => {
    render(<Map />);
    fireEvent.focus(walker());
    press('ArrowRight', 'ArrowRight', 'ArrowLeft');
    expect(held()).toBe(stations[1]?.id);
    press('End', 'ArrowRight');
    expect(held()).toBe(stations.at(-1)?.id);
    press('Home', 'ArrowLeft');
    expect(held()).toBe(stations[0]?.id);
  });

  it('goes from row to row: down to the start of the next, up to the start of its own first', () => {
    render(<Map />);
    fireEvent.focus(walker());
    press('ArrowDown', 'ArrowDown');
    expect(held()).toBe(startOf(rows[2]));
    press('ArrowRight', 'ArrowUp');
    expect(held()).toBe(startOf(rows[2]));
    press('ArrowUp');
    expect(held()).toBe(startOf(rows[1]));
    press('ArrowUp', 'ArrowUp', 'ArrowUp');
    expect(held()).toBe(startOf(rows[0]));
  });

  it('says share and knot of the one in hand, and picks it with Enter', () => {
    render(<Map />);
    expect(walker().getAttribute('aria-valuetext')).toBe('none in hand');
    press('Enter');
    expect(onPick).not.toHaveBeenCalled();
    fireEvent.focus(walker());
    const kind = kinds[stations[0]?.kind ?? 0];
    expect(walker().getAttribute('aria-valuetext')).toContain(
      `${kind?.shareWords}, ${kind?.tieWords}`,
    );
    press('Enter');
    expect(onPick).toHaveBeenCalledWith(stations[0]?.id);
  });

  it('draws the beads of each row as one line for each colour', () => {
    render(<Map />);
    const drawn = document.querySelectorAll('[data-beads]');
    const wanted = new Set(stations.map((s) => `${s.row} ${kinds[s.kind]?.strand}`));
    expect(drawn).toHaveLength(wanted.size);
    expect(document.querySelectorAll('[data-station]')).toHaveLength(stations.length);
  });

  it('marks a blended share with a smaller bead of its other half', () => {
    const blended = kinds.map((k) => ({ ...k, blendColour: 'honey' }));
    render(
      <svg>
        <Stations stations={stations} kinds={blended} palette={SCREEN} hasBarbs={false} />
      </svg>,
    );
    expect(document.querySelectorAll('[data-blend]')).toHaveLength(rows.length);
    document.body.replaceChildren();
    render(<Map />);
    expect(document.querySelectorAll('[data-blend]')).toHaveLength(0);
  });

  it('cannot be touched and has no edges while something is in the hand', () => {
    render(<Map isMoving />);
    expect(screen.queryByRole('slider')).toBeNull();
    for (const beads of document.querySelectorAll('[data-beads]')) {
      expect(beads.getAttribute('stroke')).toBe('none');
    }
  });
});
