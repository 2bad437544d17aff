-- Names as they are searched for: small letters without accents. What was kept before is folded at the next start.
alter table client add column folded varchar(240);
alter table plan add column folded varchar(240);
alter table hair_line add column folded varchar(160);
alter table plan add column hair_line_ids varchar(400);
