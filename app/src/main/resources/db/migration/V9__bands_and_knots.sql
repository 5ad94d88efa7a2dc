-- What a band of a striping yarn is called and how many rounds it takes, where a cake begins in its repeat, and how the yarn
-- goes on behind a knot. The seals are made anew over what is new.

alter table yarn drop column seal;
alter table yarn add column start_m double precision;
alter table yarn add column seal bigint generated always as (ora_hash(concat_ws('|',
    coalesce(cast(id as varchar), '-'),
    coalesce(cast(version as varchar), '-'),
    coalesce(cast(name as varchar), '-'),
    coalesce(cast(created_at as varchar), '-'),
    coalesce(cast(updated_at as varchar), '-'),
    coalesce(cast(colour as varchar), '-'),
    coalesce(cast(length_m as varchar), '-'),
    coalesce(cast(mass_g as varchar), '-'),
    coalesce(cast(on_hand_g as varchar), '-'),
    coalesce(cast(nylon_share as varchar), '-'),
    coalesce(cast(form as varchar), '-'),
    coalesce(cast(fibre as varchar), '-'),
    coalesce(cast(notes as varchar), '-'),
    coalesce(cast(start_m as varchar), '-'))));

alter table yarn_stripe drop column seal;
alter table yarn_stripe add column name varchar(40);
alter table yarn_stripe add column rounds double precision;
alter table yarn_stripe add column on_stitches integer;
alter table yarn_stripe add column seal bigint generated always as (ora_hash(concat_ws('|',
    coalesce(cast(yarn_id as varchar), '-'),
    coalesce(cast(position as varchar), '-'),
    coalesce(cast(colour as varchar), '-'),
    coalesce(cast(length_m as varchar), '-'),
    coalesce(cast(name as varchar), '-'),
    coalesce(cast(rounds as varchar), '-'),
    coalesce(cast(on_stitches as varchar), '-'))));

alter table yarn_knot drop column seal;
alter table yarn_knot add column goes_on_m double precision;
alter table yarn_knot add column seal bigint generated always as (ora_hash(concat_ws('|',
    coalesce(cast(yarn_id as varchar), '-'),
    coalesce(cast(position as varchar), '-'),
    coalesce(cast(at_m as varchar), '-'),
    coalesce(cast(goes_on_m as varchar), '-'))));
