-- How the hairline differs from the usual, and what was drawn on the scalp, is part of a head as it was taken down that day.
alter table head add column left_temple_mm double precision default 0 not null;
alter table head add column right_temple_mm double precision default 0 not null;
alter table head add column peak_place_mm double precision;
alter table head add column peak_drop_mm double precision;
alter table head add column nape varchar(16) default 'ROUND' not null;
alter table head add column regions clob default '[]' not null;

alter table client add column strands varchar(16) default 'MEDIUM' not null;
alter table client add column new_growth_mm double precision default 0 not null;
alter table client add column mats_easily boolean default false not null;

-- A foundation that a stylist keeps as a pattern of her own, to be laid on any head.
create table pattern (
    id uuid primary key,
    name varchar(80) not null,
    foundation clob not null,
    created_at timestamp with time zone not null
);
