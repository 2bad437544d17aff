-- How far a visit is, kept beside its events so that nobody has to add them up for a list; what was kept before is told when it is next
-- asked for.
alter table visit add column stylist_id uuid references stylist (id);
alter table visit add column is_told boolean default false not null;
alter table visit add column shares integer default 0 not null;
alter table visit add column hooked integer default 0 not null;
alter table visit add column stage varchar(16);
alter table visit add column is_begun boolean default false not null;
alter table visit add column is_finished boolean default false not null;
alter table visit add column is_down boolean default false not null;
alter table visit add column pictures integer default 0 not null;
alter table visit add column used_loops double precision default 0 not null;
alter table visit add column minutes double precision default 0 not null;
alter table visit add column last_time varchar(600) default '' not null;

create index visit_by_client on visit (client_id, visit_day);
create index visit_by_open on visit (is_finished, visit_day);

-- What is looked after once an install is worn.
create table follow_up (
    id uuid primary key,
    client_id uuid not null references client (id) on delete cascade,
    visit_id uuid not null references visit (id) on delete cascade,
    what varchar(16) not null,
    due date not null,
    outcome varchar(16),
    told_on date,
    words varchar(400) not null
);

create index follow_up_by_due on follow_up (outcome, due);
create index follow_up_by_visit on follow_up (visit_id);
create index follow_up_by_client on follow_up (client_id, due);

-- What a visit teaches, read off its events once it is finished; and what the stylist wants otherwise.
create table visit_lesson (
    visit_id uuid primary key references visit (id) on delete cascade,
    visit_day date not null,
    stylist_id uuid references stylist (id),
    texture varchar(32) not null,
    line_id uuid,
    fullness double precision not null,
    used_loops double precision not null,
    seen varchar(2000) not null,
    is_left_out boolean default false not null
);

create index visit_lesson_by_stylist on visit_lesson (stylist_id, visit_day);
create index visit_lesson_by_line on visit_lesson (line_id, visit_day);

create table lesson_refused (
    stylist_id uuid not null references stylist (id) on delete cascade,
    what varchar(16) not null,
    primary key (stylist_id, what)
);

-- What she agreed to, as it was worded that day.
create table consent (
    id uuid primary key,
    client_id uuid not null references client (id) on delete cascade,
    signed_on date not null,
    signed_by varchar(120) not null,
    answers clob not null
);

create index consent_by_client on consent (client_id, signed_on);
