-- As much of a plan as a list shows, kept beside it with a fingerprint of all it was worked out from: a list of plans is read, not
-- computed.
alter table plan add column tile clob;
alter table plan add column tile_of varchar(64);

create index client_by_folded on client (folded);
create index plan_by_change on plan (updated_at);
