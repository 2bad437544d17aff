import type { Appointment, AppointmentDraft } from '../../../api/types';

/** An appointment as it is asked for, with something of it otherwise. */
export const draftOf = (
  a: Appointment,
  change: Partial<AppointmentDraft> = {},
): AppointmentDraft => ({
  id: a.id,
  occasion: a.occasion,
  clientId: a.clientId,
  planId: a.planId,
  day: a.day,
  minute: a.fromMinute,
  minutes: a.minutes,
  chairId: a.chairId,
  stylistId: a.stylistId,
  belongsTo: a.belongsTo,
  note: a.note,
  version: a.version,
  ...change,
});
