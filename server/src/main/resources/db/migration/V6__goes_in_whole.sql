-- Whether a line comes undone when it is split; nobody has said so of any yet, so it is as usual for its texture.
alter table hair_line add column goes_in_whole boolean;
