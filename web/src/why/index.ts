export { Steps, WhyKey } from './WhyKey';
export { WhyOfPlan } from './WhyOfPlan';
