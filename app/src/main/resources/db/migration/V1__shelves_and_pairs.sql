-- Feet, swatches, yarns and pairs. Lengths in millimetres, masses in grams, yarn lengths in metres.

create table foot (
    id            uuid primary key,
    version       bigint                   not null,
    name          varchar(80)              not null check (char_length(name) > 0),
    created_at    timestamp with time zone not null,
    updated_at    timestamp with time zone not null,
    length_mm     double precision         not null check (length_mm > 0),
    ball_girth_mm double precision         not null check (ball_girth_mm > 0)
);

create table swatch (
    id         uuid primary key,
    version    bigint                   not null,
    name       varchar(80)              not null check (char_length(name) > 0),
    created_at timestamp with time zone not null,
    updated_at timestamp with time zone not null
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
    id         uuid primary key,
    version    bigint                   not null,
    name       varchar(80)              not null check (char_length(name) > 0),
    created_at timestamp with time zone not null,
    updated_at timestamp with time zone not null,
    colour     varchar(7)               not null check (regexp_like(colour, '^#[0-9a-f]{6}$')),
    length_m   double precision         not null check (length_m > 0),
    mass_g     double precision         not null check (mass_g > 0),
    on_hand_g  double precision check (on_hand_g >= 0)
);

-- A pair keeps its own copy of what it is made from; the links only say where that came from.
create table sock_pair (
    id                uuid primary key,
    version           bigint                   not null,
    name              varchar(80)              not null check (char_length(name) > 0),
    created_at        timestamp with time zone not null,
    updated_at        timestamp with time zone not null,
    foot_id           uuid references foot on delete set null,
    swatch_id         uuid references swatch on delete set null,
    yarn_id           uuid references yarn on delete set null,
    foot_length_mm    double precision         not null check (foot_length_mm > 0),
    ball_girth_mm     double precision         not null check (ball_girth_mm > 0),
    yarn_length_m     double precision check (yarn_length_m > 0),
    yarn_mass_g       double precision check (yarn_mass_g > 0),
    yarn_on_hand_g    double precision check (yarn_on_hand_g >= 0),
    ease              double precision check (ease between 0 and 1),
    stitches          integer check (mod(stitches, 4) = 0),
    leg_mm            double precision check (leg_mm > 0),
    heel_plain_rounds integer check (heel_plain_rounds >= 0),
    toe_plain_rounds  integer check (toe_plain_rounds >= 0),
    cuff_rounds       integer check (cuff_rounds >= 0)
);

create table pair_stitch_reading (
    pair_id  uuid             not null references sock_pair on delete cascade,
    position integer          not null,
    counted  double precision not null check (counted > 0),
    span_mm  double precision not null check (span_mm > 0),
    primary key (pair_id, position)
);

create table pair_round_reading (
    pair_id  uuid             not null references sock_pair on delete cascade,
    position integer          not null,
    counted  double precision not null check (counted > 0),
    span_mm  double precision not null check (span_mm > 0),
    primary key (pair_id, position)
);
