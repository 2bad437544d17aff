import type { ReactNode } from 'react';
import { Stage } from '../map/Stage';
import { Consequences } from '../panels/Consequences';
import { WhatIf } from '../panels/WhatIf';
import { Drawn } from './Drawn';
import { StepControls } from './StepControls';
import { StepLine } from './StepLine';
import { Strip } from './Strip';
import type { Room } from './useRoom';

/** Map, step and consequences, laid out for the room there is; where height is dear, `head` stands beside the map and not over it. */
export function BenchRoom({ room, head }: { room: Room; head: ReactNode }) {
  switch (room) {
    case 'wide':
    case 'desk':
      return (
        <div className="flex min-h-0 flex-1">
          <StepLine isUpright />
          <StepControls
            className={`shrink-0 border-r border-line ${room === 'wide' ? 'w-96' : 'w-74'}`}
          />
          <Middle />
          <Consequences className={room === 'wide' ? 'w-88' : 'w-66'} />
        </div>
      );
    case 'upright':
      return (
        <div className="flex min-h-0 flex-1 flex-col">
          <div className="flex min-h-0 flex-[12] flex-col">
            <Middle />
          </div>
          <Strip />
          <StepLine />
          <StepControls className="flex-[8]" hasFindings />
        </div>
      );
    case 'low':
      return (
        <div className="flex min-h-0 flex-1 flex-col">
          <div className="grid min-h-0 flex-1 grid-cols-2 grid-rows-[minmax(0,1fr)]">
            <Middle />
            <div className="flex min-h-0 flex-col border-l border-line">
              {head}
              <Strip isTight />
              <StepControls className="flex-1 border-t border-line" hasFindings />
            </div>
          </div>
          <StepLine />
        </div>
      );
    case 'phone':
      return (
        <div className="flex min-h-0 flex-1 flex-col overflow-hidden">
          <div className="flex min-h-0 flex-1 flex-col">
            <Middle />
          </div>
          <Drawn figures={<Strip isTight />}>
            <StepLine />
            <StepControls className="flex-1" hasFindings />
          </Drawn>
        </div>
      );
  }
}

function Middle() {
  return (
    <div className="flex min-h-0 min-w-0 flex-1 flex-col">
      <Stage />
      <WhatIf />
    </div>
  );
}
