-- What a line is made of, and in which further sizes it is sold; what nobody has said is usual for its texture.
alter table hair_line add column curl_mm double precision;
alter table hair_line add column slip varchar(16);
alter table hair_line add column is_looped boolean default true not null;
alter table hair_line add column heat_c integer;
alter table hair_line add column other_packs varchar(400) default '[]' not null;

-- How a stylist works wherever practitioners differ.
create table method (
    id uuid primary key,
    name varchar(80) not null,
    method clob not null
);
