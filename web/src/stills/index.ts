export { Drawn } from './Drawn';
export { Still } from './Still';
export { drawn, make, usualSight } from './make';
export { stillQuery } from './useStill';
