import { files } from './files';
import { http, take, type Answer, type Body } from './http';
import { outside } from './outside';
import type {
  AppointmentDraft,
  Arrived,
  BalanceLine,
  Brief,
  ChairFills,
  Drill,
  DrillKind,
  Finding,
  KeptMethod,
  Lesson,
  Outlook,
  PaperSize,
  Pattern,
  PracticeHead,
  SavedPlan,
  Sight,
  ThumbnailView,
  StylistDraft,
  Visit,
  VisitTile,
  RecordedEvent,
} from './types';

export { onSignedOut } from './http';

/** Balances, and tells how far it is while it works; the signal stops it. */
async function balance(
  body: Body<'/api/balance', 'post'>,
  onLine: (line: BalanceLine) => void,
  signal: AbortSignal,
): Promise<void> {
  const stream = await take(
    http.POST('/api/balance', { body, signal, parseAs: 'stream' }) as Promise<
      Answer<ReadableStream<Uint8Array>>
    >,
  );
  const reader = stream.getReader();
  const text = new TextDecoder();
  let rest = '';
  for (let part = await reader.read(); !part.done; part = await reader.read()) {
    const lines = (rest + text.decode(part.value, { stream: true })).split('\n');
    rest = lines.pop() ?? '';
    for (const line of lines) onLine(JSON.parse(line) as BalanceLine);
  }
}

export const api = {
  ...files,
  ...outside,
  words: () => take(http.GET('/api/words')),
  plan: (body: Body<'/api/plan', 'post'>) => take(http.POST('/api/plan', { body })),
  solid: (brief: Body<'/api/plan/solid', 'post'>) =>
    take(http.POST('/api/plan/solid', { body: brief })),
  wear: (body: Body<'/api/wear', 'post'>) => take(http.POST('/api/wear', { body })),
  look: (body: Body<'/api/look', 'post'>) => take(http.POST('/api/look', { body })),
  fills: (brief: Body<'/api/fills', 'post'>, gap?: number) =>
    take(http.POST('/api/fills', { body: brief, params: { query: { gap } } })),
  stopping: (brief: Body<'/api/stopping', 'post'>) =>
    take(http.POST('/api/stopping', { body: brief })),
  waysOut: (brief: Brief) => take(http.POST('/api/ways-out', { body: brief })),
  findings: (brief: Body<'/api/findings', 'post'>, plan?: string, finding?: number) =>
    take(
      http.POST('/api/findings', { body: brief, params: { query: { plan, finding } } }),
    ) as Promise<Finding[]>,
  balance,
  methods: () => take(http.GET('/api/methods')) as Promise<KeptMethod[]>,
  keepMethod: (body: Body<'/api/methods', 'post'>) => take(http.POST('/api/methods', { body })),
  removeMethod: (id: string) =>
    take(http.DELETE('/api/methods/{id}', { params: { path: { id } } })),
  compare: (body: Body<'/api/compare', 'post'>) => take(http.POST('/api/compare', { body })),
  patterns: () => take(http.GET('/api/patterns')) as Promise<Pattern[]>,
  keepPattern: (body: Body<'/api/patterns', 'post'>) => take(http.POST('/api/patterns', { body })),
  removePattern: (id: string) =>
    take(http.DELETE('/api/patterns/{id}', { params: { path: { id } } })),
  client: (id: string) => take(http.GET('/api/clients/{id}', { params: { path: { id } } })),
  keepHead: (id: string, body: Body<'/api/clients/{id}/heads', 'post'>) =>
    take(http.POST('/api/clients/{id}/heads', { params: { path: { id } }, body })),
  /** The plans that were changed last. */
  plans: (most: number) =>
    take(http.GET('/api/plans', { params: { query: { most } } })) as Promise<SavedPlan[]>,
  cap: (id: string, size: PaperSize) =>
    take(http.GET('/api/plans/{id}/cap', { params: { path: { id }, query: { size } } })),
  savedPlan: (id: string) =>
    take(http.GET('/api/plans/{id}', { params: { path: { id } } })) as Promise<SavedPlan>,
  planTiles: (client: string[]) =>
    take(http.GET('/api/plans/tiles', { params: { query: { client } } })),
  stills: (plan: string[]) =>
    take(http.GET('/api/stills', { params: { query: { plan } } })) as Promise<ThumbnailView[]>,
  /** Keeps a plan's picture, with how it is looked at and what it was drawn from. */
  keepStill: (id: string, sight: Sight & { of: string; pinned: boolean }, picture: Blob) =>
    take(
      http.PUT('/api/plans/{id}/still', {
        params: { path: { id }, query: { ...sight, part: sight.part ?? undefined } },
        body: picture as never,
        bodySerializer: (b: unknown) => b as Blob | string,
        headers: { 'Content-Type': picture.type },
      }),
    ) as Promise<ThumbnailView>,
  /** A brief that was kept in this browser in an older format. */
  opened: (document: unknown) =>
    take(http.POST('/api/plans/opened', { body: document as never })) as Promise<Brief>,
  beginPlan: (body: Body<'/api/plans', 'post'>) =>
    take(http.POST('/api/plans', { body })) as Promise<SavedPlan>,
  changePlan: (id: string, body: Body<'/api/plans/{id}', 'put'>, keepalive = false) =>
    take(
      http.PUT('/api/plans/{id}', { params: { path: { id } }, body, keepalive }),
    ) as Promise<SavedPlan>,
  removePlan: (id: string) => take(http.DELETE('/api/plans/{id}', { params: { path: { id } } })),
  clients: (typed: string, from: number, most: number) =>
    take(http.GET('/api/clients', { params: { query: { typed, from, most } } })),
  addClient: (body: Body<'/api/clients', 'post'>) => take(http.POST('/api/clients', { body })),
  changeClient: (id: string, body: Body<'/api/clients/{id}', 'put'>) =>
    take(http.PUT('/api/clients/{id}', { params: { path: { id } }, body })),
  eraseClient: (id: string) => take(http.DELETE('/api/clients/{id}', { params: { path: { id } } })),
  visits: () => take(http.GET('/api/visits')) as Promise<VisitTile[]>,
  beginVisit: (body: Body<'/api/visits', 'post'>) =>
    take(http.POST('/api/visits', { body })) as Promise<VisitTile>,
  visit: (id: string) =>
    take(http.GET('/api/visits/{id}', { params: { path: { id } } })) as Promise<Visit>,
  visitEvents: (id: string, after: number) =>
    take(
      http.GET('/api/visits/{id}/events', { params: { path: { id }, query: { after } } }),
    ) as Promise<Arrived>,
  tellEvents: (id: string, events: RecordedEvent[]) =>
    take(
      http.POST('/api/visits/{id}/events', { params: { path: { id } }, body: { events } }),
    ) as Promise<Arrived>,
  outlook: (id: string) =>
    take(http.GET('/api/visits/{id}/outlook', { params: { path: { id } } })) as Promise<Outlook>,
  account: (id: string) => take(http.GET('/api/visits/{id}/account', { params: { path: { id } } })),
  chairFills: (id: string) =>
    take(http.GET('/api/visits/{id}/fills', { params: { path: { id } } })) as Promise<ChairFills>,
  keepPicture: (id: string, picture: string, file: Blob) =>
    take(
      http.PUT('/api/visits/{id}/pictures/{picture}', {
        params: { path: { id, picture } },
        body: file as never,
        bodySerializer: (b: unknown) => b as Blob | string,
        headers: { 'Content-Type': file.type },
      }),
    ),
  clientVisits: (id: string) =>
    take(http.GET('/api/clients/{id}/visits', { params: { path: { id } } })) as Promise<
      VisitTile[]
    >,
  clientFollowUps: (id: string) =>
    take(http.GET('/api/clients/{id}/follow-ups', { params: { path: { id } } })),
  clientAppointments: (id: string) =>
    take(http.GET('/api/clients/{id}/appointments', { params: { path: { id } } })),
  consents: (id: string) =>
    take(http.GET('/api/clients/{id}/consents', { params: { path: { id } } })),
  toSign: (id: string, plan: string) =>
    take(
      http.GET('/api/clients/{id}/consents/to-sign', { params: { path: { id }, query: { plan } } }),
    ),
  sign: (id: string, body: Body<'/api/clients/{id}/consents', 'post'>) =>
    take(http.POST('/api/clients/{id}/consents', { params: { path: { id } }, body })),
  followUps: (until: string) => take(http.GET('/api/follow-ups', { params: { query: { until } } })),
  tellFollowUp: (id: string, body: Body<'/api/follow-ups/{id}', 'put'>) =>
    take(http.PUT('/api/follow-ups/{id}', { params: { path: { id } }, body })),
  diary: (from: string | undefined, days: number) =>
    take(http.GET('/api/diary', { params: { query: { ...(from && { from }), days } } })),
  freeTimes: (body: Body<'/api/diary/free', 'post'>) =>
    take(http.POST('/api/diary/free', { body })),
  makeAppointments: (appointments: AppointmentDraft[]) =>
    take(http.POST('/api/appointments', { body: { appointments } })),
  changeAppointment: (id: string, body: AppointmentDraft) =>
    take(http.PUT('/api/appointments/{id}', { params: { path: { id } }, body })),
  becomeAppointment: (id: string, body: Body<'/api/appointments/{id}/state', 'post'>) =>
    take(http.POST('/api/appointments/{id}/state', { params: { path: { id } }, body })),
  runLate: (id: string, untilMinute: number) =>
    take(
      http.POST('/api/appointments/{id}/late', { params: { path: { id } }, body: { untilMinute } }),
    ),
  people: () => take(http.GET('/api/people')),
  changeStudio: (body: Body<'/api/people/studio', 'put'>) =>
    take(http.PUT('/api/people/studio', { body })),
  addChair: (name: string) => take(http.POST('/api/people/chairs', { body: { name } })),
  renameChair: (id: string, name: string) =>
    take(http.PUT('/api/people/chairs/{id}', { params: { path: { id } }, body: { name } })),
  removeChair: (id: string) =>
    take(http.DELETE('/api/people/chairs/{id}', { params: { path: { id } } })),
  addStylist: (body: StylistDraft) => take(http.POST('/api/people/stylists', { body })),
  changeStylist: (id: string, body: StylistDraft) =>
    take(http.PUT('/api/people/stylists/{id}', { params: { path: { id } }, body })),
  stylistLeaves: (id: string, to: string | undefined) =>
    take(
      http.DELETE('/api/people/stylists/{id}', {
        params: { path: { id }, query: { ...(to && { to }) } },
      }),
    ),
  shopping: (days: number) => take(http.GET('/api/shopping', { params: { query: { days } } })),
  stock: () => take(http.GET('/api/stock')),
  stockMoves: (line: string | undefined) =>
    take(http.GET('/api/stock/movements', { params: { query: { ...(line && { line }) } } })),
  moveStock: (body: Body<'/api/stock/movements', 'post'>) =>
    take(http.POST('/api/stock/movements', { body })),
  countStock: (body: Body<'/api/stock/counts', 'post'>) =>
    take(http.POST('/api/stock/counts', { body })),
  setAside: (planId: string, body: Body<'/api/stock/aside/{planId}', 'put'>) =>
    take(http.PUT('/api/stock/aside/{planId}', { params: { path: { planId } }, body })),
  leadDays: (body: Body<'/api/stock/suppliers', 'put'>) =>
    take(http.PUT('/api/stock/suppliers', { body })),
  learning: (stylist: string, line: string) =>
    take(http.GET('/api/learning', { params: { query: { stylist, line } } })),
  known: (stylist: string | undefined, line: string) =>
    take(
      http.GET('/api/learning/known', { params: { query: { ...(stylist && { stylist }), line } } }),
    ),
  leaveVisitOut: (id: string, isWished: boolean) =>
    take(
      http.PUT('/api/learning/visits/{id}/left-out', {
        params: { path: { id } },
        body: { isWished },
      }),
    ),
  refuseLesson: (stylist: string, what: Lesson['what'], isWished: boolean) =>
    take(
      http.PUT('/api/learning/{stylist}/{what}/refused', {
        params: { path: { stylist, what } },
        body: { isWished },
      }),
    ),
  packsNext: (plan: string) =>
    take(http.GET('/api/plans/{id}/packs-next', { params: { path: { id: plan } } })),
  find: (q: string) => take(http.GET('/api/find', { params: { query: { q } } })),
  reckonings: (body: Body<'/api/reckonings', 'post'>, plan?: string) =>
    take(http.POST('/api/reckonings', { body, params: { query: { plan } } })),
  practiceHeads: () => take(http.GET('/api/practice/heads')) as Promise<PracticeHead[]>,
  drills: () => take(http.GET('/api/practice/drills')),
  drill: (kind: DrillKind, level: number, seed: number) =>
    take(
      http.GET('/api/practice/drills/{kind}', {
        params: { path: { kind }, query: { level, seed } },
      }),
    ) as Promise<Drill>,
  judge: (kind: DrillKind, body: Body<'/api/practice/drills/{kind}/judged', 'post'>) =>
    take(http.POST('/api/practice/drills/{kind}/judged', { params: { path: { kind } }, body })),
  exercises: () => take(http.GET('/api/practice/exercises')),
  makeExercise: (body: Body<'/api/practice/exercises', 'post'>) =>
    take(http.POST('/api/practice/exercises', { body })),
  removeExercise: (id: string) =>
    take(http.DELETE('/api/practice/exercises/{id}', { params: { path: { id } } })),
  exercise: (id: string) =>
    take(http.GET('/api/practice/exercises/{id}', { params: { path: { id } } })) as Promise<Drill>,
  judgeExercise: (id: string, body: Body<'/api/practice/exercises/{id}/judged', 'post'>) =>
    take(http.POST('/api/practice/exercises/{id}/judged', { params: { path: { id } }, body })),
  learners: () => take(http.GET('/api/practice/learners')),
  addLearner: (name: string) => take(http.POST('/api/practice/learners', { body: { name } })),
  removeLearner: (id: string) =>
    take(http.DELETE('/api/practice/learners/{id}', { params: { path: { id } } })),
  progress: (id: string) =>
    take(http.GET('/api/practice/learners/{id}', { params: { path: { id } } })),
  keepHands: (id: string, body: Body<'/api/practice/learners/{id}/hands', 'post'>) =>
    take(http.POST('/api/practice/learners/{id}/hands', { params: { path: { id } }, body })),
  tryKnot: (body: Body<'/api/practice/knots', 'post'>) =>
    take(http.POST('/api/practice/knots', { body })),
  hairLines: () => take(http.GET('/api/hair-lines')),
  addHairLine: (body: Body<'/api/hair-lines', 'post'>) =>
    take(http.POST('/api/hair-lines', { body })),
  addStarters: () => take(http.POST('/api/hair-lines/starter')),
  removeStarters: () => take(http.DELETE('/api/hair-lines/starter')),
  changeHairLine: (id: string, body: Body<'/api/hair-lines/{id}', 'put'>) =>
    take(http.PUT('/api/hair-lines/{id}', { params: { path: { id } }, body })),
  door: () => take(http.GET('/api/door')),
  becomeOwner: (body: Body<'/api/door/first', 'post'>) =>
    take(http.POST('/api/door/first', { body })),
  signIn: (body: Body<'/api/door/sign-in', 'post'>) =>
    take(http.POST('/api/door/sign-in', { body })),
  switchTo: (body: Body<'/api/door/switch', 'post'>) =>
    take(http.POST('/api/door/switch', { body })),
  invited: (secret: string) => take(http.POST('/api/door/invited', { body: { secret } })),
  takeInvitation: (body: Body<'/api/door/take-invitation', 'post'>) =>
    take(http.POST('/api/door/take-invitation', { body })),
  signOut: (everywhere: boolean) =>
    take(http.POST('/api/door/sign-out', { params: { query: { everywhere } } })),
  keepDigits: (digits: string | null) => take(http.PUT('/api/door/digits', { body: { digits } })),
  changePassphrase: (body: Body<'/api/door/passphrase', 'put'>) =>
    take(http.PUT('/api/door/passphrase', { body })),
  sessions: () => take(http.GET('/api/door/sessions')),
  endSession: (handle: string) =>
    take(http.DELETE('/api/door/sessions/{handle}', { params: { path: { handle } } })),
  devices: () => take(http.GET('/api/door/devices')),
  forgetDevice: (id: string) =>
    take(http.DELETE('/api/door/devices/{id}', { params: { path: { id } } })),
  doorAddress: () => take(http.GET('/api/door/address')),
  members: () => take(http.GET('/api/door/members')),
  addMember: (body: Body<'/api/door/members', 'post'>) =>
    take(http.POST('/api/door/members', { body })),
  changeMember: (id: string, body: Body<'/api/door/members/{id}', 'put'>) =>
    take(http.PUT('/api/door/members/{id}', { params: { path: { id } }, body })),
  removeMember: (id: string) =>
    take(http.DELETE('/api/door/members/{id}', { params: { path: { id } } })),
  inviteAnew: (id: string) =>
    take(http.POST('/api/door/members/{id}/invitation', { params: { path: { id } } })),
  deeds: (before: number | undefined) =>
    take(http.GET('/api/door/deeds', { params: { query: { ...(before && { before }) } } })),
};
