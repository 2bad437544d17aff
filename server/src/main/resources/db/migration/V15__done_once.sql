-- What had to be done once with what was kept before, so that no later start looks through all of it again.
create table done_once (
    what varchar(60) primary key,
    done_at timestamp with time zone not null
);
