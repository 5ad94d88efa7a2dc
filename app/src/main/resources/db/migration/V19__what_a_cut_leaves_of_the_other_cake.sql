-- What the other cake weighed before a cut: the pairs of it take theirs, and undoing the cut gives it back. The seal is made anew
-- over what is new. Cuts made before this took nothing from it, so there is nothing to give back but what stands there now.

alter table tube_cut drop column seal;
alter table tube_cut add column contrast_g double precision;
update tube_cut set contrast_g = (select tube.contrast_g from tube where tube.id = tube_cut.tube_id);
alter table tube_cut add column seal bigint generated always as (ora_hash(concat_ws('|',
    coalesce(cast(tube_id as varchar), '-'),
    coalesce(cast(position as varchar), '-'),
    coalesce(cast(cutting as varchar), '-'),
    coalesce(cast(made_at as varchar), '-'),
    coalesce(cast(kind as varchar), '-'),
    coalesce(cast(from_round as varchar), '-'),
    coalesce(cast(to_round as varchar), '-'),
    coalesce(cast(whose as varchar), '-'),
    coalesce(cast(sock as varchar), '-'),
    coalesce(cast(start_rounds as varchar), '-'),
    coalesce(cast(toe_end_held as varchar), '-'),
    coalesce(cast(cuff_end_held as varchar), '-'),
    coalesce(cast(pair_id as varchar), '-'),
    coalesce(cast(contrast_g as varchar), '-'))));
