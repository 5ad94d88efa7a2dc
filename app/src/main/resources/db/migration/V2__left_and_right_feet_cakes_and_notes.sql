-- Both feet of a person in one entry, with what was measured earlier; what more is known of a yarn; notes.

alter table foot add column other_length_mm double precision check (other_length_mm > 0);
alter table foot add column other_shoe_system varchar(20);
alter table foot add column other_shoe_size double precision;
alter table foot add column other_ball_girth_mm double precision check (other_ball_girth_mm > 0);
alter table foot add column other_heel_diagonal_mm double precision check (other_heel_diagonal_mm > 0);
alter table foot add column other_leg_girth_mm double precision check (other_leg_girth_mm > 0);
alter table foot add column other_toe_form varchar(20);
alter table foot add column notes varchar(2000);
alter table foot add column measured_on date;
update foot set measured_on = cast(updated_at as date);
alter table foot alter column measured_on set not null;

create table foot_measuring (
    foot_id                uuid             not null references foot on delete cascade,
    position               integer          not null,
    measured_on            date             not null,
    length_mm              double precision check (length_mm > 0),
    shoe_system            varchar(20),
    shoe_size              double precision,
    ball_girth_mm          double precision not null check (ball_girth_mm > 0),
    heel_diagonal_mm       double precision check (heel_diagonal_mm > 0),
    leg_girth_mm           double precision check (leg_girth_mm > 0),
    toe_form               varchar(20),
    other_length_mm        double precision check (other_length_mm > 0),
    other_shoe_system      varchar(20),
    other_shoe_size        double precision,
    other_ball_girth_mm    double precision check (other_ball_girth_mm > 0),
    other_heel_diagonal_mm double precision check (other_heel_diagonal_mm > 0),
    other_leg_girth_mm     double precision check (other_leg_girth_mm > 0),
    other_toe_form         varchar(20),
    primary key (foot_id, position)
);

alter table swatch add column notes varchar(2000);

alter table yarn add column form varchar(20);
alter table yarn add column fibre varchar(120);
alter table yarn add column notes varchar(2000);

create table yarn_stripe (
    yarn_id  uuid       not null references yarn on delete cascade,
    position integer    not null,
    colour   varchar(7) not null check (regexp_like(colour, '^#[0-9a-f]{6}$')),
    length_m double precision check (length_m > 0),
    primary key (yarn_id, position)
);

create table yarn_knot (
    yarn_id  uuid             not null references yarn on delete cascade,
    position integer          not null,
    at_m     double precision not null check (at_m >= 0),
    primary key (yarn_id, position)
);
