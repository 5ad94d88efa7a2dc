-- What a pencil outline of a foot says of its front. The seals are made anew over what is new.

alter table foot drop column seal;
alter table foot add column traced_width_mm double precision;
alter table foot add column traced_tip_in_mm double precision;
alter table foot add column traced_little_back_mm double precision;
alter table foot add column other_traced_width_mm double precision;
alter table foot add column other_traced_tip_in_mm double precision;
alter table foot add column other_traced_little_back_mm double precision;
alter table foot add column seal bigint generated always as (ora_hash(concat_ws('|',
    coalesce(cast(id as varchar), '-'),
    coalesce(cast(version as varchar), '-'),
    coalesce(cast(name as varchar), '-'),
    coalesce(cast(created_at as varchar), '-'),
    coalesce(cast(updated_at as varchar), '-'),
    coalesce(cast(length_mm as varchar), '-'),
    coalesce(cast(shoe_system as varchar), '-'),
    coalesce(cast(shoe_size as varchar), '-'),
    coalesce(cast(ball_girth_mm as varchar), '-'),
    coalesce(cast(heel_diagonal_mm as varchar), '-'),
    coalesce(cast(leg_girth_mm as varchar), '-'),
    coalesce(cast(toe_form as varchar), '-'),
    coalesce(cast(other_length_mm as varchar), '-'),
    coalesce(cast(other_shoe_system as varchar), '-'),
    coalesce(cast(other_shoe_size as varchar), '-'),
    coalesce(cast(other_ball_girth_mm as varchar), '-'),
    coalesce(cast(other_heel_diagonal_mm as varchar), '-'),
    coalesce(cast(other_leg_girth_mm as varchar), '-'),
    coalesce(cast(other_toe_form as varchar), '-'),
    coalesce(cast(notes as varchar), '-'),
    coalesce(cast(measured_on as varchar), '-'),
    coalesce(cast(traced_width_mm as varchar), '-'),
    coalesce(cast(traced_tip_in_mm as varchar), '-'),
    coalesce(cast(traced_little_back_mm as varchar), '-'),
    coalesce(cast(other_traced_width_mm as varchar), '-'),
    coalesce(cast(other_traced_tip_in_mm as varchar), '-'),
    coalesce(cast(other_traced_little_back_mm as varchar), '-'))));

alter table foot_measuring drop column seal;
alter table foot_measuring add column traced_width_mm double precision;
alter table foot_measuring add column traced_tip_in_mm double precision;
alter table foot_measuring add column traced_little_back_mm double precision;
alter table foot_measuring add column other_traced_width_mm double precision;
alter table foot_measuring add column other_traced_tip_in_mm double precision;
alter table foot_measuring add column other_traced_little_back_mm double precision;
alter table foot_measuring add column seal bigint generated always as (ora_hash(concat_ws('|',
    coalesce(cast(foot_id as varchar), '-'),
    coalesce(cast(position as varchar), '-'),
    coalesce(cast(measured_on as varchar), '-'),
    coalesce(cast(length_mm as varchar), '-'),
    coalesce(cast(shoe_system as varchar), '-'),
    coalesce(cast(shoe_size as varchar), '-'),
    coalesce(cast(ball_girth_mm as varchar), '-'),
    coalesce(cast(heel_diagonal_mm as varchar), '-'),
    coalesce(cast(leg_girth_mm as varchar), '-'),
    coalesce(cast(toe_form as varchar), '-'),
    coalesce(cast(other_length_mm as varchar), '-'),
    coalesce(cast(other_shoe_system as varchar), '-'),
    coalesce(cast(other_shoe_size as varchar), '-'),
    coalesce(cast(other_ball_girth_mm as varchar), '-'),
    coalesce(cast(other_heel_diagonal_mm as varchar), '-'),
    coalesce(cast(other_leg_girth_mm as varchar), '-'),
    coalesce(cast(other_toe_form as varchar), '-'),
    coalesce(cast(traced_width_mm as varchar), '-'),
    coalesce(cast(traced_tip_in_mm as varchar), '-'),
    coalesce(cast(traced_little_back_mm as varchar), '-'),
    coalesce(cast(other_traced_width_mm as varchar), '-'),
    coalesce(cast(other_traced_tip_in_mm as varchar), '-'),
    coalesce(cast(other_traced_little_back_mm as varchar), '-'))));
