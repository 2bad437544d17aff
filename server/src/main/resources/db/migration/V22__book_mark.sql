-- Tells this book from all others, so that its copies and backups can be told from those of another in the same folder.
alter table studio add column book_id uuid default random_uuid() not null;
