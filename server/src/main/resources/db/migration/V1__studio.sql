create table client (
    id uuid primary key,
    name varchar(120) not null,
    wishes varchar(2000) not null,
    notes varchar(4000) not null,
    density varchar(16) not null,
    conditions varchar(200) not null,
    version integer not null,
    created_at timestamp with time zone not null
);

create table head (
    id uuid primary key,
    client_id uuid not null references client (id) on delete cascade,
    taken_at timestamp with time zone not null,
    round_mm double precision not null,
    front_to_nape_mm double precision not null,
    over_top_mm double precision not null,
    along_front_mm double precision,
    round_back_mm double precision,
    nape_width_mm double precision
);

create index head_by_client on head (client_id, taken_at);

create table hair_line (
    id uuid primary key,
    name varchar(80) not null,
    supplier varchar(80) not null,
    texture varchar(32) not null,
    length_mm double precision not null,
    has_bead boolean not null,
    loops_per_bundle integer not null,
    bundles_per_pack integer not null,
    grams_per_loop double precision not null,
    price_minor bigint not null,
    currency char(3) not null,
    is_coated boolean not null,
    colours varchar(1000) not null,
    loops_on_shelf integer not null,
    version integer not null
);

create table plan (
    id uuid primary key,
    client_id uuid not null references client (id) on delete cascade,
    head_id uuid not null references head (id) on delete cascade,
    name varchar(120) not null,
    brief clob not null,
    version integer not null,
    updated_at timestamp with time zone not null
);

create index plan_by_client on plan (client_id, updated_at);
