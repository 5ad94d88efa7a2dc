-- Beside presses, everything else that happens to a pair on the needles: the tube measured, rounds off the plan, a cake
-- weighed, a note, and what of these is taken back.

alter table lap_event add column section varchar(20);
alter table lap_event add column rounds double precision;
alter table lap_event add column span_mm double precision;
alter table lap_event add column grams double precision;
alter table lap_event add column shared boolean;
alter table lap_event add column fresh boolean;
alter table lap_event add column words varchar(2000);
alter table lap_event add column taken_back uuid;

alter table lap_event add check ((kind in ('MEASURED', 'WORKED')) = (rounds is not null));
alter table lap_event add check ((kind = 'MEASURED') = (span_mm is not null));
alter table lap_event add check ((kind = 'WORKED') = (section is not null));
alter table lap_event add check ((kind = 'WEIGHED') = (grams is not null));
alter table lap_event add check ((kind = 'NOTED') = (words is not null));
alter table lap_event add check ((kind = 'WITHDRAWN') = (taken_back is not null));

-- Whether both socks are knitted side by side, section by section, or one after the other.
alter table lap add column together boolean default false not null;
