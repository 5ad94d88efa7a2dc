-- What the events of a pair come to, for lists of many: made from them, and worth nothing once there is a later one.

create table lap_state (
    pair_id  uuid primary key references lap on delete cascade,
    last_seq bigint  not null,
    finished boolean not null,
    last_at  timestamp with time zone
);
