import type { components } from './generated/schema';

type Schemas = components['schemas'];

export type Brief = Schemas['BriefBody'];
export type HeadMeasures = Schemas['HeadBody'];
export type Plan = Schemas['PlanView'];
export type PlanRow = Schemas['Row'];
export type PlanStation = Schemas['Station'];
export type SideViewData = Schemas['View'];
export type Ledger = Schemas['Ledger'];
export type Finding = Schemas['FindingView'];
export type SavedPlan = Schemas['SavedPlanView'];
export type Client = Schemas['ClientView'];
export type ClientDraft = Schemas['ClientBody'];
export type HairLine = Schemas['HairLineView'];
export type HairLineDraft = Schemas['HairLineBody'];
export type Texture = HairLine['texture'];
export type Density = NonNullable<Brief['ownHair']['density']>;
export type Condition = Brief['ownHair']['conditions'][number];
