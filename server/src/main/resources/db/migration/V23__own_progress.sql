-- Who signed in when a learner was written down: she alone, and those who work here, see how far she is.
alter table learner add column member_id uuid references member (id) on delete set null;
