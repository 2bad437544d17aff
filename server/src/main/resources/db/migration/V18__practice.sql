-- Who practises. She need not work here, nor have a way in.
create table learner (
    id uuid primary key,
    name varchar(80) not null,
    since timestamp with time zone not null
);

-- A drill that she answered. The drill itself follows from kind, level and seed; once answered, it is known and counts no more.
create table drill_tried (
    learner_id uuid not null references learner (id) on delete cascade,
    kind varchar(20) not null,
    level integer not null,
    seed integer not null,
    is_right boolean not null,
    score double precision not null,
    seconds double precision not null,
    said double precision,
    is_so double precision,
    tried_at timestamp with time zone not null,
    primary key (learner_id, kind, level, seed)
);

-- Work of the hands against the clock; knot is null where loops were split.
create table hands_tried (
    id uuid primary key,
    learner_id uuid not null references learner (id) on delete cascade,
    knot varchar(20),
    passes integer not null,
    pieces integer not null,
    slipped integer not null,
    seconds double precision not null,
    tried_at timestamp with time zone not null
);
create index hands_tried_of on hands_tried (learner_id, tried_at);
