-- How long her own hair is decides which tails reach the next row; 15 cm until somebody measures.
alter table client add column own_length_mm double precision default 150 not null;
