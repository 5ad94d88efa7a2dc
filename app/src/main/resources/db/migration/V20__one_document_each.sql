-- What a foot, a swatch, a yarn and a tube hold becomes one document each, as it is written over HTTP: what is added to them later
-- needs no step of the schema. What is asked for by the store stays a column. The seals are made anew.

alter table foot drop column seal;
alter table foot add column document varchar(1000000);
update foot set document = cast(json_object(
    'foot': case when length_mm is null and shoe_size is null then null else json_object(
        'lengthMm': length_mm,
        'shoe': case when shoe_system is null or shoe_size is null then null
            else json_object('system': shoe_system, 'size': shoe_size) end,
        'ballGirthMm': ball_girth_mm,
        'heelDiagonalMm': heel_diagonal_mm,
        'legGirthMm': leg_girth_mm,
        'toeForm': toe_form,
        'tracing': case when traced_width_mm is null or traced_tip_in_mm is null
                or traced_little_back_mm is null then null
            else json_object('widthMm': traced_width_mm, 'tipInMm': traced_tip_in_mm,
                'littleBackMm': traced_little_back_mm) end
        absent on null) end,
    'otherFoot': case when other_length_mm is null and other_shoe_size is null then null else json_object(
        'lengthMm': other_length_mm,
        'shoe': case when other_shoe_system is null or other_shoe_size is null then null
            else json_object('system': other_shoe_system, 'size': other_shoe_size) end,
        'ballGirthMm': other_ball_girth_mm,
        'heelDiagonalMm': other_heel_diagonal_mm,
        'legGirthMm': other_leg_girth_mm,
        'toeForm': other_toe_form,
        'tracing': case when other_traced_width_mm is null or other_traced_tip_in_mm is null
                or other_traced_little_back_mm is null then null
            else json_object('widthMm': other_traced_width_mm, 'tipInMm': other_traced_tip_in_mm,
                'littleBackMm': other_traced_little_back_mm) end
        absent on null) end,
    'measuredOn': cast(measured_on as varchar),
    'notes': notes,
    'earlier': (select json_arrayagg(json_object(
        'measuredOn': cast(m.measured_on as varchar),
        'foot': case when m.length_mm is null and m.shoe_size is null then null else json_object(
        'lengthMm': m.length_mm,
        'shoe': case when m.shoe_system is null or m.shoe_size is null then null
            else json_object('system': m.shoe_system, 'size': m.shoe_size) end,
        'ballGirthMm': m.ball_girth_mm,
        'heelDiagonalMm': m.heel_diagonal_mm,
        'legGirthMm': m.leg_girth_mm,
        'toeForm': m.toe_form,
        'tracing': case when m.traced_width_mm is null or m.traced_tip_in_mm is null
                or m.traced_little_back_mm is null then null
            else json_object('widthMm': m.traced_width_mm, 'tipInMm': m.traced_tip_in_mm,
                'littleBackMm': m.traced_little_back_mm) end
        absent on null) end,
        'otherFoot': case when m.other_length_mm is null and m.other_shoe_size is null then null else json_object(
        'lengthMm': m.other_length_mm,
        'shoe': case when m.other_shoe_system is null or m.other_shoe_size is null then null
            else json_object('system': m.other_shoe_system, 'size': m.other_shoe_size) end,
        'ballGirthMm': m.other_ball_girth_mm,
        'heelDiagonalMm': m.other_heel_diagonal_mm,
        'legGirthMm': m.other_leg_girth_mm,
        'toeForm': m.other_toe_form,
        'tracing': case when m.other_traced_width_mm is null or m.other_traced_tip_in_mm is null
                or m.other_traced_little_back_mm is null then null
            else json_object('widthMm': m.other_traced_width_mm, 'tipInMm': m.other_traced_tip_in_mm,
                'littleBackMm': m.other_traced_little_back_mm) end
        absent on null) end
        absent on null) order by m.position desc) from foot_measuring m where m.foot_id = foot.id)
    absent on null) as varchar);
drop table foot_measuring;
alter table foot alter column document set not null;
alter table foot drop column length_mm, shoe_system, shoe_size, ball_girth_mm, heel_diagonal_mm, leg_girth_mm, toe_form, traced_width_mm, traced_tip_in_mm, traced_little_back_mm, other_length_mm, other_shoe_system, other_shoe_size, other_ball_girth_mm, other_heel_diagonal_mm, other_leg_girth_mm, other_toe_form, other_traced_width_mm, other_traced_tip_in_mm, other_traced_little_back_mm, measured_on, notes;
alter table foot add constraint foot_document check (document is json object);
alter table foot add column seal bigint generated always as (ora_hash(concat_ws('|',
    coalesce(cast(id as varchar), '-'),
    coalesce(cast(version as varchar), '-'),
    coalesce(cast(name as varchar), '-'),
    coalesce(cast(created_at as varchar), '-'),
    coalesce(cast(updated_at as varchar), '-'),
    coalesce(cast(gone as varchar), '-'),
    coalesce(cast(document as varchar), '-'))));

alter table swatch drop column seal;
alter table swatch add column document varchar(1000000);
update swatch set document = cast(json_object(
    'swatch': json_object(
        'stitches': coalesce((select json_arrayagg(json_object('count': r.counted, 'spanMm': r.span_mm) order by r.position)
            from swatch_stitch_reading r where r.swatch_id = swatch.id), json_array()),
        'rounds': coalesce((select json_arrayagg(json_object('count': r.counted, 'spanMm': r.span_mm) order by r.position)
            from swatch_round_reading r where r.swatch_id = swatch.id), json_array()),
        'fabric': case when state is null and in_the_round is null and needle_mm is null and wanted_stitches is null then null
            else json_object('state': state, 'inTheRound': in_the_round, 'needleMm': needle_mm,
                'wantedStitches': wanted_stitches absent on null) end
        absent on null),
    'notes': notes
    absent on null) as varchar);
drop table swatch_stitch_reading;
drop table swatch_round_reading;
alter table swatch alter column document set not null;
alter table swatch drop column state, in_the_round, needle_mm, wanted_stitches, notes;
alter table swatch add constraint swatch_document check (document is json object);
alter table swatch add column seal bigint generated always as (ora_hash(concat_ws('|',
    coalesce(cast(id as varchar), '-'),
    coalesce(cast(version as varchar), '-'),
    coalesce(cast(name as varchar), '-'),
    coalesce(cast(created_at as varchar), '-'),
    coalesce(cast(updated_at as varchar), '-'),
    coalesce(cast(document as varchar), '-'))));

alter table yarn drop column seal;
alter table yarn add column document varchar(1000000);
update yarn set document = cast(json_object(
    'colour': colour,
    'yarn': json_object('lengthM': length_m, 'massG': mass_g, 'onHandG': on_hand_g, 'nylonShare': nylon_share absent on null),
    'cake': case when form is null and fibre is null and start_m is null and notes is null
            and not exists (select 1 from yarn_stripe s where s.yarn_id = yarn.id)
            and not exists (select 1 from yarn_knot k where k.yarn_id = yarn.id) then null
        else json_object(
            'form': form,
            'fibre': fibre,
            'stripes': (select json_arrayagg(json_object('name': s.name, 'colour': s.colour, 'lengthM': s.length_m,
                'rounds': s.rounds, 'stitches': s.on_stitches absent on null) order by s.position)
                from yarn_stripe s where s.yarn_id = yarn.id),
            'startM': start_m,
            'knots': (select json_arrayagg(json_object('atM': k.at_m, 'goesOnM': k.goes_on_m absent on null) order by k.position)
                from yarn_knot k where k.yarn_id = yarn.id),
            'notes': notes
            absent on null) end
    absent on null) as varchar);
drop table yarn_stripe;
drop table yarn_knot;
alter table yarn alter column document set not null;
alter table yarn drop column colour, length_m, mass_g, on_hand_g, nylon_share, form, fibre, start_m, notes;
alter table yarn add constraint yarn_document check (document is json object);
alter table yarn add column seal bigint generated always as (ora_hash(concat_ws('|',
    coalesce(cast(id as varchar), '-'),
    coalesce(cast(version as varchar), '-'),
    coalesce(cast(name as varchar), '-'),
    coalesce(cast(created_at as varchar), '-'),
    coalesce(cast(updated_at as varchar), '-'),
    coalesce(cast(gone as varchar), '-'),
    coalesce(cast(document as varchar), '-'))));

-- A tube names its yarn and the feet of its wishes in columns too, to be asked for.
create table tube_cutting as select c.tube_id, c.cutting, json_object(
    'madeAt': formatdatetime(min(c.made_at), 'yyyy-MM-dd''T''HH:mm:ss.SSSSSSX', 'en', 'UTC'),
    'before': json_object('startRounds': min(c.start_rounds), 'toeEndHeld': bool_or(c.toe_end_held),
        'cuffEndHeld': bool_or(c.cuff_end_held), 'contrastG': min(c.contrast_g) absent on null),
    'stretches': json_arrayagg(json_object('kind': c.kind, 'fromRound': c.from_round, 'toRound': c.to_round,
        'whose': c.whose, 'pairId': cast(c.pair_id as varchar) absent on null) order by c.position)) as made
    from tube_cut c group by c.tube_id, c.cutting;
alter table tube drop column seal;
alter table tube add column document varchar(1000000);
update tube set document = cast(json_object(
    'tube': json_object(
        'stitches': stitches,
        'rounds': rounds,
        'lengthMm': length_mm,
        'massG': mass_g,
        'stitchReading': json_object('count': stitch_count, 'spanMm': stitch_span_mm),
        'roundReading': json_object('count': round_count, 'spanMm': round_span_mm),
        'yarnId': cast(yarn_id as varchar),
        'bands': coalesce((select json_arrayagg(json_object('name': b.name, 'colour': b.colour, 'rounds': b.rounds absent on null)
            order by b.position) from tube_band b where b.tube_id = tube.id), json_array()),
        'startRounds': start_rounds,
        'toeEndHeld': toe_end_held,
        'cuffEndHeld': cuff_end_held,
        'two': two,
        'spareRounds': spare_rounds,
        'contrastG': contrast_g,
        'notes': notes,
        'wishes': coalesce((select json_arrayagg(json_object('footId': cast(w.foot_id as varchar), 'name': w.name,
            'legFromMm': w.leg_from_mm, 'legToMm': w.leg_to_mm, 'alike': w.alike, 'ravel': w.ravel,
            'spareRounds': w.spare_rounds absent on null) order by w.position)
            from tube_wish w where w.tube_id = tube.id), json_array())
        absent on null),
    'usedUp': used_up,
    'cuttings': coalesce((select json_arrayagg(m.made order by m.cutting) from tube_cutting m where m.tube_id = tube.id),
        json_array())
    absent on null) as varchar);
create table tube_foot (
    tube_id uuid not null references tube (id) on delete cascade,
    foot_id uuid not null,
    seal bigint generated always as (ora_hash(concat_ws('|',
        coalesce(cast(tube_id as varchar), '-'),
        coalesce(cast(foot_id as varchar), '-')))),
    primary key (tube_id, foot_id)
);
insert into tube_foot (tube_id, foot_id) select distinct tube_id, foot_id from tube_wish;
drop table tube_band;
drop table tube_wish;
drop table tube_cut;
drop table tube_cutting;
alter table tube alter column document set not null;
alter table tube drop column stitches, rounds, length_mm, mass_g, stitch_count, stitch_span_mm, round_count, round_span_mm, start_rounds, toe_end_held, cuff_end_held, two, spare_rounds, contrast_g, used_up, notes;
alter table tube add constraint tube_document check (document is json object);
alter table tube add column seal bigint generated always as (ora_hash(concat_ws('|',
    coalesce(cast(id as varchar), '-'),
    coalesce(cast(version as varchar), '-'),
    coalesce(cast(name as varchar), '-'),
    coalesce(cast(created_at as varchar), '-'),
    coalesce(cast(updated_at as varchar), '-'),
    coalesce(cast(yarn_id as varchar), '-'),
    coalesce(cast(document as varchar), '-'))));
