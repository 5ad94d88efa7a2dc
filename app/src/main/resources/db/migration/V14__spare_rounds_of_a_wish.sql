-- A wish may ask for other spare rounds at its rims than the tube. The seal is made anew over what is new.

alter table tube_wish drop column seal;
alter table tube_wish add column spare_rounds integer;
alter table tube_wish add column seal bigint generated always as (ora_hash(concat_ws('|',
    coalesce(cast(tube_id as varchar), '-'),
    coalesce(cast(position as varchar), '-'),
    coalesce(cast(name as varchar), '-'),
    coalesce(cast(foot_id as varchar), '-'),
    coalesce(cast(leg_from_mm as varchar), '-'),
    coalesce(cast(leg_to_mm as varchar), '-'),
    coalesce(cast(alike as varchar), '-'),
    coalesce(cast(ravel as varchar), '-'),
    coalesce(cast(spare_rounds as varchar), '-'))));
