import type { components, operations } from './generated/schema';

type Schemas = components['schemas'];

/** A body of which the server always says these properties, though a request may leave them out. */
type Said<T, K extends keyof T> = Omit<T, K> & { [P in K]-?: NonNullable<T[P]> };

export type Piece = Schemas['Piece'];
export type HeadMeasures = Schemas['HeadBody'];
export type Head = Said<HeadMeasures, 'hairline' | 'regions'>;
export type Hairline = Schemas['HairlineBody'];
export type Region = Schemas['RegionBody'];
export type RegionKind = NonNullable<Region['kind']>;
export type OwnHair = Schemas['OwnHairBody'];
export type Consultation = Said<Schemas['ConsultationBody'], 'weeks' | 'ownPacks' | 'hasFringe'>;
export type Back = Said<Schemas['BackBody'], keyof Schemas['BackBody']>;
export type Family = Back['family'];
export type Rim = Said<Schemas['RimBody'], keyof Schemas['RimBody']>;
export type RimWhere = Rim['leaveOut'];
export type PartAsked = Schemas['PartBody'];
export type RowEdit = Schemas['EditBody'];
export type TailEnd = NonNullable<Schemas['TailBody']['end']>;
export type Foundation = Omit<
  Said<
    Schemas['FoundationBody'],
    | 'frontRows'
    | 'backRows'
    | 'earLineBehindMm'
    | 'earLineLeanMm'
    | 'overlaysMm'
    | 'meshesGaps'
    | 'feedsFibre'
    | 'edits'
    | 'tails'
    | 'parts'
  >,
  'back' | 'rim'
> & { back: Back; rim: Rim };
export type Method = Said<
  Schemas['MethodBody'],
  Exclude<keyof Schemas['MethodBody'], 'partShareParts' | 'hairlineShareParts'>
>;
export type StationEdit = Schemas['StationEditBody'];
export type MixStrand = NonNullable<Schemas['MixBody']['others']>[number];
export type Hooking = Omit<
  Said<
    Schemas['HookingBody'],
    'zones' | 'parts' | 'edits' | 'usesBaseHair' | 'cutZones' | 'knotlessRows'
  >,
  'method'
> & { method: Method };
/** A brief in which everything is said; the server fills in what an older one did not say. */
export type Brief = Omit<
  Said<Schemas['BriefBody'], 'installer'>,
  'head' | 'consultation' | 'foundation' | 'hooking'
> & {
  head: Head;
  consultation: Consultation;
  foundation: Foundation;
  hooking: Hooking;
};
/** What of a brief becomes otherwise; see `changed`. */
export type BriefChange = Record<string, unknown>;

export type Drawn = Schemas['DrawnView'];
export type Read = Schemas['ReadView'];
/** A plan with both its answers: what is drawn, and what is read as far as it has come. */
export type Plan = Drawn & Read;
export type ThumbnailView = Schemas['ThumbnailView'];
export type Sight = Schemas['Sight'];
export type PlanTile = Schemas['PlanTileView'];
export type PlanRow = Schemas['Row'];
export type PlanStation = Schemas['Station'];
/** What many stations have in common. */
export type StationKind = Schemas['StationKind'];
export type PlanTail = Schemas['TailView'];
export type Zone = StationKind['zone'];
export type SideViewData = Schemas['View'];
export type Ledger = Schemas['Ledger'];
export type Finding = Schemas['FindingView'];
export type WornAs = Schemas['WornAsBody'];
export type Worn = Schemas['WornView'];
export type WearAsked = Schemas['WearBody'];
export type Solid = Schemas['SolidView'];
export type LookView = Schemas['LookView'];
export type Fills = Schemas['FillsView'];
export type Stopping = Schemas['StoppingView'];
export type BalanceAsked = Schemas['BalanceBody'];
export type BalanceLine = Schemas['BalanceLine'];
export type Comparison = Schemas['ComparisonView'];

export type SavedPlan = Omit<Schemas['SavedPlanView'], 'brief'> & { brief: Brief };
export type PracticeHead = Omit<Schemas['PracticeHead'], 'brief'> & { brief: Brief | null };
export type Pattern = Omit<Schemas['Pattern'], 'foundation'> & { foundation: Foundation };
export type KeptMethod = Omit<Schemas['KeptMethod'], 'method'> & { method: Method };
export type Client = Schemas['ClientView'];
export type ClientDraft = Schemas['ClientBody'];
export type HairLine = Schemas['HairLineView'];
export type HairLineDraft = Schemas['HairLineBody'];
export type Texture = HairLine['texture'];
export type Way = NonNullable<Schemas['ConsultationBody']['ways']>[number];
export type Habit = NonNullable<Schemas['ConsultationBody']['habits']>[number];
export type Density = NonNullable<OwnHair['density']>;
export type Condition = OwnHair['conditions'][number];

/** Words, order, limits and defaults of every choice, as the server tells them. */
export type Words = Schemas['WordsView'];
export type Question = Schemas['Question'];
export type MeasureWords = Schemas['MeasureWords'];
export type MeasureField = Exclude<keyof HeadMeasures, 'hairline' | 'regions'>;

export type Visit = Schemas['VisitView'];
export type VisitTile = Schemas['VisitTile'];
export type Arrived = Schemas['ArrivedView'];
export type RecordedEvent = Schemas['RecordedEventResponse'];
export type VisitEvent = Schemas['VisitEvent'];
export type VisitEventKind = VisitEvent['kind'];
export type WorkSheet = Schemas['StoredWorksheet'];
export type SheetStep = Schemas['StepForm'];
export type SheetShare = Schemas['ShareForm'];
export type WorkStage = SheetStep['stage'];
export type Outlook = Schemas['OutlookView'];
export type OutlookOption = Schemas['OptionView'];
export type Account = Schemas['AccountView'];
export type Diary = Schemas['DiaryView'];
export type Appointment = Schemas['AppointmentView'];
export type AppointmentDraft = Schemas['AppointmentBody'];
export type Occasion = Appointment['occasion'];
export type FreeTimes = Schemas['FreeView'];
export type FollowUp = Schemas['FollowUpView'];
export type Shopping = Schemas['ShoppingView'];
export type OutsideThing = Schemas['StandInView']['id'];
export type Outside = Schemas['OutsideView'];
export type Orders = Schemas['OrdersView'];
export type Messages = Schemas['MessagesView'];
export type MessageDraft = Messages['drafts'][number];
export type Label = Schemas['Label'];
export type Backups = Schemas['BackupsView'];
export type BackupWish = Schemas['BackupWishBody'];
export type People = Schemas['PeopleView'];
export type StylistDraft = Schemas['StylistBody'];
export type Stock = Schemas['StockView'];
export type ColourStock = Schemas['ColourStock'];
export type StockMove = Schemas['MoveView'];
export type Lesson = Schemas['LessonView'];
export type Learned = Schemas['LearnedBody'];
export type Hit = Schemas['Hit'];
export type Consent = Schemas['Consent'];
export type ChairFills = Schemas['ChairFillsView'];
export type Door = Schemas['DoorView'];
export type Role = NonNullable<Schemas['MemberBody']['role']>;
export type Members = Schemas['MembersView'];
export type Invitation = Schemas['InvitationView'];
export type OpenSession = Schemas['SessionView'];

export type DrillKind = Schemas['DrillKindView']['kind'];
export type Drill = Omit<Schemas['DrillView'], 'head' | 'cover'> & {
  head: Drawn | null;
  cover: Worn | null;
};
export type DrillAsk = Schemas['AskView'];
export type Thread = NonNullable<DrillAsk['choices'][number]['seen']>;
export type Exercise = Schemas['ExerciseView'];
export type Verdict = Schemas['VerdictView'];
export type AnswerBody = Schemas['AnswerBody'];
export type KnotAsked = Required<Schemas['KnotBody']>;
export type Progress = Schemas['ProgressView'];
export type Skill = Schemas['SkillView'];
export type Guess = Schemas['GuessView'];
export type HandsTried = Schemas['HandsView'];
export type KnotTried = Schemas['KnotView'];
export type PaperSize = NonNullable<operations['cap']['parameters']['query']>['size'] & string;
export type ReckonedFigure = Schemas['DerivationView']['figure'];
