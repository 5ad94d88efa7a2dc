-- What is noted of a pair once it is worn: how it fits, where it wears, and anything else.

create table log_note (
    id         uuid primary key,
    pair_id    uuid                     not null references sock_pair on delete cascade,
    kind       varchar(10)              not null,
    fit        varchar(30),
    wear       varchar(30),
    section    varchar(20),
    words      varchar(2000)            not null,
    noted_on   date                     not null,
    written_at timestamp with time zone not null,
    check ((kind = 'FIT') = (fit is not null)),
    check ((kind = 'WEAR') = (wear is not null))
);

create index log_note_by_pair on log_note (pair_id, noted_on);

-- What was answered to a proposal for another pair; an answered one is not shown again.
create table log_answer (
    id      uuid primary key,
    pair_id uuid    not null references sock_pair on delete cascade,
    note_id uuid    not null references log_note on delete cascade,
    taken   boolean not null,
    unique (pair_id, note_id)
);
