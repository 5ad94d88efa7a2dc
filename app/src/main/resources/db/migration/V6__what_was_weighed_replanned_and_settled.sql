-- Which yarn was weighed and whether a doubted weight is sure; a plan that was edited on the way and taken over.

alter table lap_event add column role varchar(10);
alter table lap_event add column sure boolean;
alter table lap_event add column spec varchar(100000);

-- By which rules a pair was begun: those that hold now are 2. What was begun by earlier ones keeps the values that were
-- usual then.
alter table lap add column rules integer default 1 not null;

-- What a finished pair took from its yarn on the shelf, so that it is taken off once and can be put back.
create table yarn_settled (
    pair_id uuid primary key references sock_pair on delete cascade,
    yarn_id uuid                     not null references yarn on delete cascade,
    grams   double precision         not null,
    at      timestamp with time zone not null
);

-- Of some feet only a shoe size is known.
alter table foot alter column ball_girth_mm drop not null;
alter table foot_measuring alter column ball_girth_mm drop not null;
