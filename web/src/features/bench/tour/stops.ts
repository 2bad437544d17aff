/** A place on the bench at which whoever is shown round stops. */
export interface Stop {
  /** What is pointed at. */
  at: string;
  title: string;
  words: string;
}

const STOPS: readonly Stop[] = [
  {
    at: '[aria-label="Steps of the plan"]',
    title: 'From the client to the counts',
    words:
      'One step after the other: whose head, where it is parted, how it is braided, which hair, which knots, how it is worn. Go back to any of them whenever you like. A red mark says that something is to be looked at there.',
  },
  {
    at: 'section[aria-label="Scalp"]',
    title: 'Her head, seen from above',
    words:
      'Laid flat, her face up, true to scale. Drag a part, the ear line or a row, and everything else follows. The cube above shows it in the round, with its hair.',
  },
  {
    at: 'aside[aria-label="What it comes to"]',
    title: 'What it comes to',
    words:
      'Loops, packs, hours and money, anew with every change. Touch “why?” to see what a figure was reckoned from. Below stands what is to be said of the plan, with keys that mend it.',
  },
  {
    at: '[aria-label="what if"]',
    title: 'Nothing can be broken',
    words:
      'Everything is kept as you go, and can be undone. “What if” keeps the plan as it is beside what you try next.',
  },
  {
    at: '[aria-label="take it to the chair"]',
    title: 'And then the chair',
    words:
      'Once it is as you want it, take it to the chair: it becomes a sheet of steps to work from, with wet hands and a client waiting.',
  },
];

/** The stops whose place is on the screen. */
export const stopsHere = (): Stop[] =>
  STOPS.filter((s) => {
    const box = document.querySelector(s.at)?.getBoundingClientRect();
    return box !== undefined && box.width > 0;
  });
