-- A name has up to 80 characters as a reader counts them; one of these may be stored as several.

alter table foot alter column name set data type varchar(400);
alter table swatch alter column name set data type varchar(400);
alter table yarn alter column name set data type varchar(400);
alter table sock_pair alter column name set data type varchar(400);
alter table pair_change alter column name set data type varchar(400);
alter table tube alter column name set data type varchar(400);
alter table tube_wish alter column name set data type varchar(400);
alter table tube_cut alter column whose set data type varchar(400);
