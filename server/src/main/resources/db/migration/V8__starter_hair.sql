-- What of a line is estimated because its pack does not tell it, with commas between; and lines of the set that an empty shelf is offered.
alter table hair_line add column guessed varchar(60) default '' not null;
alter table hair_line add column is_starter boolean default false not null;
