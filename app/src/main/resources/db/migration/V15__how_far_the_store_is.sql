-- How many changes were acknowledged, kept beside the file as well: a file that has come to fewer fell back to what it was.

create table store_mark (
    id   integer primary key,
    mark bigint not null
);

insert into store_mark (id, mark) values (1, 0);
