-- The studio itself: by whose clock its days go, and what is left between two appointments. There is one.
create table studio (
    id integer primary key check (id = 1),
    name varchar(80) not null,
    zone varchar(64),
    gap_minutes integer not null,
    version integer not null
);

insert into studio (id, name, zone, gap_minutes, version) values (1, '', null, 10, 1);

create table chair (
    id uuid primary key,
    name varchar(60) not null,
    place integer not null,
    is_gone boolean default false not null
);

-- Who has gone is still named by what she did.
create table stylist (
    id uuid primary key,
    name varchar(80) not null,
    method_id uuid references method (id) on delete set null,
    place integer not null,
    is_gone boolean default false not null,
    version integer not null
);

create table stylist_hours (
    stylist_id uuid not null references stylist (id) on delete cascade,
    week_day smallint not null,
    from_minute integer not null,
    until_minute integer not null,
    primary key (stylist_id, week_day)
);

create table stylist_off (
    id uuid primary key,
    stylist_id uuid not null references stylist (id) on delete cascade,
    first_day date not null,
    last_day date not null,
    why varchar(120) not null
);

create table appointment (
    id uuid primary key,
    client_id uuid references client (id) on delete cascade,
    plan_id uuid references plan (id) on delete set null,
    visit_id uuid references visit (id) on delete set null,
    occasion varchar(16) not null,
    starts_at timestamp with time zone not null,
    ends_at timestamp with time zone not null,
    chair_id uuid references chair (id),
    stylist_id uuid not null references stylist (id),
    -- What it belongs to: the install that hair is prepared for, or the first of two sittings.
    belongs_to uuid references appointment (id) on delete cascade,
    state varchar(16) not null,
    note varchar(400) not null,
    version integer not null,
    created_at timestamp with time zone not null
);

create index appointment_by_time on appointment (starts_at);
create index appointment_by_client on appointment (client_id, starts_at);
create index appointment_by_stylist on appointment (stylist_id, starts_at);
