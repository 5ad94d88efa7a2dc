-- Feet, swatches, yarns and pairs. Lengths in millimetres, masses in grams, yarn lengths in metres.

create table foot (
    id               uuid primary key,
    version          bigint                   not null,
    name             varchar(80)              not null check (char_length(name) > 0),
    created_at       timestamp with time zone not null,
    updated_at       timestamp with time zone not null,
    length_mm        double precision check (length_mm > 0),
    shoe_system      varchar(20),
    shoe_size        double precision,
    ball_girth_mm    double precision         not null check (ball_girth_mm > 0),
    heel_diagonal_mm double precision check (heel_diagonal_mm > 0),
    leg_girth_mm     double precision check (leg_girth_mm > 0),
    toe_form         varchar(20),
    check (length_mm is not null or shoe_size is not null),
    check ((shoe_system is null) = (shoe_size is null))
);

create table swatch (
    id              uuid primary key,
    version         bigint                   not null,
    name            varchar(80)              not null check (char_length(name) > 0),
    created_at      timestamp with time zone not null,
    updated_at      timestamp with time zone not null,
    state           varchar(20),
    in_the_round    boolean,
    needle_mm       double precision check (needle_mm > 0),
    wanted_stitches double precision check (wanted_stitches > 0)
);

create table swatch_stitch_reading (
    swatch_id uuid             not null references swatch on delete cascade,
    position  integer          not null,
    counted   double precision not null check (counted > 0),
    span_mm   double precision not null check (span_mm > 0),
    primary key (swatch_id, position)
);

create table swatch_round_reading (
    swatch_id uuid             not null references swatch on delete cascade,
    position  integer          not null,
    counted   double precision not null check (counted > 0),
    span_mm   double precision not null check (span_mm > 0),
    primary key (swatch_id, position)
);

create table yarn (
    id          uuid primary key,
    version     bigint                   not null,
    name        varchar(80)              not null check (char_length(name) > 0),
    created_at  timestamp with time zone not null,
    updated_at  timestamp with time zone not null,
    colour      varchar(7)               not null check (regexp_like(colour, '^#[0-9a-f]{6}$')),
    length_m    double precision         not null check (length_m > 0),
    mass_g      double precision         not null check (mass_g > 0),
    on_hand_g   double precision check (on_hand_g >= 0),
    nylon_share double precision check (nylon_share between 0 and 1)
);

-- A pair keeps its own copy of what it is made from, in the file format of a specification, which carries its version;
-- the links only say where that came from.
create table sock_pair (
    id         uuid primary key,
    version    bigint                   not null,
    name       varchar(80)              not null check (char_length(name) > 0),
    created_at timestamp with time zone not null,
    updated_at timestamp with time zone not null,
    foot_id    uuid references foot on delete set null,
    swatch_id  uuid references swatch on delete set null,
    yarn_id    uuid references yarn on delete set null,
    spec       varchar(100000)          not null check (spec is json object)
);
