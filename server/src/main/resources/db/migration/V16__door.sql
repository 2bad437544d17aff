-- Who may come in, from which device, and what was done.

create table member (
    id uuid primary key,
    name varchar(80) not null,
    -- As it is typed when somebody signs in: folded. Two who are here are never called the same.
    folded varchar(160) not null,
    role varchar(16) not null,
    stylist_id uuid references stylist (id),
    -- A slow hash; empty as long as an invitation was not taken.
    passphrase varchar(200),
    -- SHA-256 of the secret of an invitation, and until when it may be taken.
    invitation char(64) unique,
    invited_until timestamp with time zone,
    is_gone boolean not null,
    created_at timestamp with time zone not null
);

create index member_by_name on member (folded);

-- A browser in which somebody signed in; it shows a secret that only it has.
create table device (
    id uuid primary key,
    -- SHA-256 of it.
    secret char(64) not null unique,
    name varchar(120) not null,
    created_at timestamp with time zone not null
);

create table known_on_device (
    device_id uuid not null references device (id) on delete cascade,
    member_id uuid not null references member (id) on delete cascade,
    -- A slow hash of the four digits; empty if she wants none here.
    digits varchar(200),
    misses smallint not null,
    signed_in_at timestamp with time zone not null,
    primary key (device_id, member_id)
);

-- What somebody did; of what, only its name among the tables.
create table deed (
    id bigint generated always as identity primary key,
    done_at timestamp with time zone not null,
    member_id uuid references member (id) on delete set null,
    what varchar(24) not null,
    subject uuid,
    address varchar(64) not null
);

create index deed_by_time on deed (done_at);

-- Spring Session's tables, as it describes them for H2.
create table spring_session (
    primary_id char(36) not null,
    session_id char(36) not null,
    creation_time bigint not null,
    last_access_time bigint not null,
    max_inactive_interval int not null,
    expiry_time bigint not null,
    principal_name varchar(100),
    constraint spring_session_pk primary key (primary_id)
);

create unique index spring_session_ix1 on spring_session (session_id);
create index spring_session_ix2 on spring_session (expiry_time);
create index spring_session_ix3 on spring_session (principal_name);

create table spring_session_attributes (
    session_primary_id char(36) not null,
    attribute_name varchar(200) not null,
    attribute_bytes longvarbinary not null,
    constraint spring_session_attributes_pk primary key (session_primary_id, attribute_name),
    constraint spring_session_attributes_fk foreign key (session_primary_id)
        references spring_session (primary_id) on delete cascade
);
