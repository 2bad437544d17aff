-- What was ordered, as it was ordered; the reference is the supplier's and means something to it alone.
create table purchase (
    id uuid primary key,
    supplier varchar(80) not null,
    ordered_at timestamp with time zone not null,
    due date not null,
    reference varchar(200) not null,
    is_closed boolean not null
);

create index purchase_by_open on purchase (is_closed, ordered_at);

create table purchase_item (
    purchase_id uuid not null references purchase (id) on delete cascade,
    place integer not null,
    line_id uuid not null references hair_line (id) on delete cascade,
    colour varchar(80) not null,
    packs integer not null,
    loops integer not null,
    -- Packs of it that came as they were ordered and were kept.
    came integer default 0 not null,
    primary key (purchase_id, place)
);

-- Parcels of it that were opened and looked through.
create table purchase_parcel (
    purchase_id uuid not null references purchase (id) on delete cascade,
    number integer not null,
    looked_at timestamp with time zone not null,
    sent_back varchar(400) not null,
    primary key (purchase_id, number)
);

-- Words to clients as the studio puts them; what is missing is said in the usual words.
create table message_template (
    occasion varchar(16) primary key,
    words varchar(1000) not null
);

-- What was sent. What it was about is an appointment or a follow-up, and the time that was told: one that was moved is told of again.
create table message_sent (
    id uuid primary key,
    occasion varchar(16) not null,
    subject uuid not null,
    told varchar(40) not null,
    client varchar(120) not null,
    words varchar(2000) not null,
    sent_at timestamp with time zone not null,
    is_lost boolean not null,
    unique (occasion, subject, told)
);

create index message_by_time on message_sent (sent_at);
