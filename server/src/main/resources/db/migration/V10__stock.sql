-- What is kept on the shelf, and all that ever came and went. The amount of a good is the sum of its movements, kept beside them so
-- that nobody has to add up years; amounts are whole numbers of the smallest measure (a loop has 840 parts).
create table stock_good (
    id bigint generated always as identity primary key,
    name varchar(400) not null unique,
    kind varchar(16) not null,
    line_id uuid references hair_line (id) on delete cascade,
    colour varchar(80) not null,
    lot varchar(80) not null,
    detail varchar(80) not null,
    amount bigint not null
);

create index stock_good_by_line on stock_good (line_id);

create table stock_movement (
    arrived bigint generated always as identity primary key,
    id uuid not null unique,
    good_id bigint not null references stock_good (id) on delete cascade,
    why varchar(16) not null,
    amount bigint not null,
    moved_at timestamp with time zone not null,
    stylist_id uuid references stylist (id),
    visit_id uuid references visit (id) on delete set null,
    note varchar(200) not null
);

create index stock_movement_by_visit on stock_movement (visit_id);
create index stock_movement_by_good on stock_movement (good_id, arrived);

-- What lies there for one plan and for nobody else.
create table set_aside (
    plan_id uuid not null references plan (id) on delete cascade,
    line_id uuid not null references hair_line (id) on delete cascade,
    colour varchar(80) not null,
    loops integer not null,
    primary key (plan_id, line_id, colour)
);

-- How long hair takes from the order to the door.
create table supplier (
    name varchar(80) primary key,
    lead_days integer not null
);

insert into stock_good (name, kind, line_id, colour, lot, detail, amount)
select 'LOOPS|' || id || '|' || regexp_substr(colours, '^[^' || char(10) || ']+') || '||NEW', 'LOOPS', id,
    regexp_substr(colours, '^[^' || char(10) || ']+'), '', 'NEW', loops_on_shelf * 840
from hair_line where loops_on_shelf > 0;

insert into stock_movement (id, good_id, why, amount, moved_at, note)
select random_uuid(), id, 'BEGUN', amount, current_timestamp, '' from stock_good;

alter table hair_line drop column loops_on_shelf;
