-- A worksheet is some hundred kilobytes of text, kept for every visit of years: it is kept packed. What was kept before is packed once,
-- at the next start.
alter table work_sheet add column packed_sheet blob;
alter table work_sheet add column packed_basis blob;
alter table work_sheet alter column sheet set null;
