-- A note on how a pair wears may be on one of its socks. The seal is made anew over what is new.

alter table log_note drop column seal;
alter table log_note add column sock integer check (sock in (1, 2));
alter table log_note add column seal bigint generated always as (ora_hash(concat_ws('|',
    coalesce(cast(id as varchar), '-'),
    coalesce(cast(pair_id as varchar), '-'),
    coalesce(cast(kind as varchar), '-'),
    coalesce(cast(fit as varchar), '-'),
    coalesce(cast(wear as varchar), '-'),
    coalesce(cast(section as varchar), '-'),
    coalesce(cast(words as varchar), '-'),
    coalesce(cast(noted_on as varchar), '-'),
    coalesce(cast(written_at as varchar), '-'),
    coalesce(cast(sock as varchar), '-'))));
