export { ChairDoor } from './ChairDoor';
export { ChairPage } from './ChairPage';
export { Visits } from './Visits';
export { visitsQuery } from './chair.queries';
export { useBegin } from './visit/useBegin';
export { forgetSent } from './visit/device';
export { useOutbox } from './visit/useOutbox';
