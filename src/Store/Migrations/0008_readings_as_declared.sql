-- A swatch holds the readings that its technique declares, by their names: lengths in mm, counts as they are. What was kept
-- under four fixed names goes over, and so do the steps that were written down, so that they can still be undone.

create function readings_are_sound(readings jsonb) returns boolean language sql immutable as $$
    select jsonb_typeof(readings) = 'object' and not exists (
        select 1 from jsonb_each(readings) kind
        where jsonb_typeof(kind.value) <> 'array' or exists (
            select 1 from jsonb_array_elements(kind.value) reading
            where jsonb_typeof(reading) <> 'number' or reading::text::numeric <= 0))
$$;

create function readings_before_0008(was jsonb) returns jsonb language sql immutable as $$
    select coalesce(
        jsonb_object_agg(name, was -> (name || '_mm')) filter (where jsonb_array_length(was -> (name || '_mm')) > 0), '{}')
    from (values ('flat'), ('gathered'), ('steamed'), ('stretched')) kinds (name)
$$;

alter table swatches add column readings jsonb not null default '{}' check (readings_are_sound(readings));
update swatches s set readings = readings_before_0008(to_jsonb(s));
alter table swatches drop column flat_mm, drop column gathered_mm, drop column steamed_mm, drop column stretched_mm;

update changes set
    before = before - '{flat_mm,gathered_mm,steamed_mm,stretched_mm}'::text[]
        || jsonb_build_object('readings', readings_before_0008(before)),
    after = after - '{flat_mm,gathered_mm,steamed_mm,stretched_mm}'::text[]
        || jsonb_build_object('readings', readings_before_0008(after))
    where table_name = 'swatches';

-- What was taken off the shelf: any number of things, each with its length.

create function taken_before_0008(was jsonb) returns jsonb language sql immutable as $$
    select case when was ->> 'taken_from' is null then '[]'::jsonb
        else jsonb_build_array(jsonb_build_object('thing', was -> 'taken_from', 'mm', was -> 'taken_mm')) end
$$;

alter table cut_lists add column taken jsonb not null default '[]' check (jsonb_typeof(taken) = 'array');
alter table keeps add column taken jsonb not null default '[]' check (jsonb_typeof(taken) = 'array');
update cut_lists c set taken = taken_before_0008(to_jsonb(c));
update keeps k set taken = taken_before_0008(to_jsonb(k));
alter table cut_lists drop column taken_from, drop column taken_mm;
alter table keeps drop column taken_from, drop column taken_mm;

update changes set
    before = before - '{taken_from,taken_mm}'::text[] || jsonb_build_object('taken', taken_before_0008(before)),
    after = after - '{taken_from,taken_mm}'::text[] || jsonb_build_object('taken', taken_before_0008(after))
    where table_name in ('cut_lists', 'keeps');

drop function readings_before_0008(jsonb);
drop function taken_before_0008(jsonb);
