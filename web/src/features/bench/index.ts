export { practiceHeadsQuery } from './bench.queries';
export { BenchDoor } from './BenchDoor';
export { BenchPage, PracticeBench } from './BenchPage';
