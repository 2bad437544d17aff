export { DoorGate } from './DoorGate';
export { DoorPage } from './DoorPage';
export { Me } from './Me';
export { useMay } from './door.queries';
