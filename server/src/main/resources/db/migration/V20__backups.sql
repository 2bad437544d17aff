-- Where the whole book is put down by itself, how often, and how many of those are kept; nowhere as long as the folder is empty.
create table backup_wish (
    id integer primary key check (id = 1),
    folder varchar(400) not null,
    every varchar(16) not null,
    kept integer not null
);

insert into backup_wish (id, folder, every, kept) values (1, '', 'DAY', 14);
