export { ByScale } from './ByScale';
export { ByTape } from './ByTape';
export { Labels } from './Labels';
