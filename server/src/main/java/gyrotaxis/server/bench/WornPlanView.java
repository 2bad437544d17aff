package gyrotaxis.server.bench;

/** A plan, and how it looks as it is worn: one answer for what is dragged while both are looked at. */
record WornPlanView(PlanView plan, WornView worn) {}
