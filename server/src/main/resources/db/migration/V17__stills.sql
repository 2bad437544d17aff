-- What a plan looks like worn, drawn once by whoever looked first; out of date as soon as the plan or its hair is another.
create table still (
    plan_id uuid primary key references plan (id) on delete cascade,
    drawn_from varchar(64) not null,
    seen_round double precision not null,
    seen_up double precision not null,
    skin varchar(20) not null,
    way varchar(20) not null,
    part integer,
    worn_day double precision not null,
    is_pinned boolean not null,
    jpeg blob not null,
    width integer not null,
    height integer not null,
    kept_at timestamp with time zone not null
);
