export { BenchDoor } from './BenchDoor';
export { BenchPage } from './BenchPage';
