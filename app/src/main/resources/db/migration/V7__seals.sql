-- A seal on every row: a hash of everything in it that was entered or that happened, made by the store whenever a row is
-- written. Where a stored row no longer gives its seal, the file was damaged. The numbers that the store gives out itself are
-- left out: a row that comes back from a backup may get another.

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
    coalesce(cast(measured_on as varchar), '-'))));

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
    coalesce(cast(other_toe_form as varchar), '-'))));

alter table swatch add column seal bigint generated always as (ora_hash(concat_ws('|',
    coalesce(cast(id as varchar), '-'),
    coalesce(cast(version as varchar), '-'),
    coalesce(cast(name as varchar), '-'),
    coalesce(cast(created_at as varchar), '-'),
    coalesce(cast(updated_at as varchar), '-'),
    coalesce(cast(state as varchar), '-'),
    coalesce(cast(in_the_round as varchar), '-'),
    coalesce(cast(needle_mm as varchar), '-'),
    coalesce(cast(wanted_stitches as varchar), '-'),
    coalesce(cast(notes as varchar), '-'))));

alter table swatch_stitch_reading add column seal bigint generated always as (ora_hash(concat_ws('|',
    coalesce(cast(swatch_id as varchar), '-'),
    coalesce(cast(position as varchar), '-'),
    coalesce(cast(counted as varchar), '-'),
    coalesce(cast(span_mm as varchar), '-'))));

alter table swatch_round_reading add column seal bigint generated always as (ora_hash(concat_ws('|',
    coalesce(cast(swatch_id as varchar), '-'),
    coalesce(cast(position as varchar), '-'),
    coalesce(cast(counted as varchar), '-'),
    coalesce(cast(span_mm as varchar), '-'))));

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
    coalesce(cast(notes as varchar), '-'))));

alter table yarn_stripe add column seal bigint generated always as (ora_hash(concat_ws('|',
    coalesce(cast(yarn_id as varchar), '-'),
    coalesce(cast(position as varchar), '-'),
    coalesce(cast(colour as varchar), '-'),
    coalesce(cast(length_m as varchar), '-'))));

alter table yarn_knot add column seal bigint generated always as (ora_hash(concat_ws('|',
    coalesce(cast(yarn_id as varchar), '-'),
    coalesce(cast(position as varchar), '-'),
    coalesce(cast(at_m as varchar), '-'))));

alter table sock_pair add column seal bigint generated always as (ora_hash(concat_ws('|',
    coalesce(cast(id as varchar), '-'),
    coalesce(cast(version as varchar), '-'),
    coalesce(cast(name as varchar), '-'),
    coalesce(cast(created_at as varchar), '-'),
    coalesce(cast(updated_at as varchar), '-'),
    coalesce(cast(foot_id as varchar), '-'),
    coalesce(cast(swatch_id as varchar), '-'),
    coalesce(cast(yarn_id as varchar), '-'),
    coalesce(cast(spec as varchar), '-'))));

alter table pair_change add column seal bigint generated always as (ora_hash(concat_ws('|',
    coalesce(cast(pair_id as varchar), '-'),
    coalesce(cast(at as varchar), '-'),
    coalesce(cast(name as varchar), '-'),
    coalesce(cast(spec as varchar), '-'))));

alter table lap add column seal bigint generated always as (ora_hash(concat_ws('|',
    coalesce(cast(pair_id as varchar), '-'),
    coalesce(cast(started_at as varchar), '-'),
    coalesce(cast(heel_when as varchar), '-'),
    coalesce(cast(spec as varchar), '-'),
    coalesce(cast(together as varchar), '-'),
    coalesce(cast(rules as varchar), '-'))));

alter table lap_event add column seal bigint generated always as (ora_hash(concat_ws('|',
    coalesce(cast(id as varchar), '-'),
    coalesce(cast(pair_id as varchar), '-'),
    coalesce(cast(sock as varchar), '-'),
    coalesce(cast(kind as varchar), '-'),
    coalesce(cast(to_position as varchar), '-'),
    coalesce(cast(device as varchar), '-'),
    coalesce(cast(pressed_at as varchar), '-'),
    coalesce(cast(heard_at as varchar), '-'),
    coalesce(cast(section as varchar), '-'),
    coalesce(cast(rounds as varchar), '-'),
    coalesce(cast(span_mm as varchar), '-'),
    coalesce(cast(grams as varchar), '-'),
    coalesce(cast(shared as varchar), '-'),
    coalesce(cast(fresh as varchar), '-'),
    coalesce(cast(words as varchar), '-'),
    coalesce(cast(taken_back as varchar), '-'),
    coalesce(cast(role as varchar), '-'),
    coalesce(cast(sure as varchar), '-'),
    coalesce(cast(spec as varchar), '-'))));

alter table log_note add column seal bigint generated always as (ora_hash(concat_ws('|',
    coalesce(cast(id as varchar), '-'),
    coalesce(cast(pair_id as varchar), '-'),
    coalesce(cast(kind as varchar), '-'),
    coalesce(cast(fit as varchar), '-'),
    coalesce(cast(wear as varchar), '-'),
    coalesce(cast(section as varchar), '-'),
    coalesce(cast(words as varchar), '-'),
    coalesce(cast(noted_on as varchar), '-'),
    coalesce(cast(written_at as varchar), '-'))));

alter table log_answer add column seal bigint generated always as (ora_hash(concat_ws('|',
    coalesce(cast(id as varchar), '-'),
    coalesce(cast(pair_id as varchar), '-'),
    coalesce(cast(note_id as varchar), '-'),
    coalesce(cast(taken as varchar), '-'))));

alter table yarn_settled add column seal bigint generated always as (ora_hash(concat_ws('|',
    coalesce(cast(pair_id as varchar), '-'),
    coalesce(cast(yarn_id as varchar), '-'),
    coalesce(cast(grams as varchar), '-'),
    coalesce(cast(at as varchar), '-'))));
