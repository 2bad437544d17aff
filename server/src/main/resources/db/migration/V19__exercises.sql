-- A drill that a trainer made of a plan. The plan is kept as it was then, with its hair and without whose it is.
create table exercise (
    id uuid primary key,
    name varchar(80) not null,
    kind varchar(20) not null,
    level integer not null,
    seed integer not null,
    plan clob not null,
    made_at timestamp with time zone not null
);
