-- What other pairs taught and was not wanted for this one: it is not proposed again.

create table lesson_left (
    id      uuid primary key,
    pair_id uuid        not null references sock_pair on delete cascade,
    from_id uuid        not null references sock_pair on delete cascade,
    kind    varchar(40) not null,
    unique (pair_id, from_id, kind)
);

alter table lesson_left add column seal bigint generated always as (ora_hash(concat_ws('|',
    coalesce(cast(id as varchar), '-'),
    coalesce(cast(pair_id as varchar), '-'),
    coalesce(cast(from_id as varchar), '-'),
    coalesce(cast(kind as varchar), '-'))));
