-- A plan as it was frozen for the chair: kept whole, never computed again, and still there when its plan is gone.
create table work_sheet (
    id uuid primary key,
    client_id uuid not null references client (id) on delete cascade,
    plan_id uuid references plan (id) on delete set null,
    plan_name varchar(120) not null,
    plan_version integer not null,
    made_at timestamp with time zone not null,
    sheet clob not null
);

create index work_sheet_by_client on work_sheet (client_id, made_at);
