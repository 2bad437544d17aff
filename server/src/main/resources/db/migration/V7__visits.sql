-- The brief and the hair a worksheet was made of, frozen with it: what the head beneath the shares is.
alter table work_sheet add column basis clob;

-- A worksheet as it is worked, on a day.
create table visit (
    id uuid primary key,
    client_id uuid not null references client (id) on delete cascade,
    sheet_id uuid not null references work_sheet (id) on delete cascade,
    visit_day date not null,
    created_at timestamp with time zone not null
);

create index visit_by_day on visit (visit_day);

-- What happened at the chair. Only ever added to; a device names its events itself, so that it may send them late or twice.
create table visit_event (
    arrived bigint generated always as identity primary key,
    visit_id uuid not null references visit (id) on delete cascade,
    device varchar(64) not null,
    number bigint not null,
    clock bigint not null,
    happened_at timestamp(9) with time zone not null,
    what clob not null,
    problem varchar(400),
    unique (visit_id, device, number)
);

create table visit_picture (
    id uuid primary key,
    visit_id uuid not null references visit (id) on delete cascade,
    jpeg blob not null,
    width integer not null,
    height integer not null,
    kept_at timestamp with time zone not null
);
