-- A swatch may stand alone, and keeps what decides how much the machine draws up: the technique, the things it was sewn with,
-- and the settings as figures, so that it can be learnt from.

alter table swatches alter column working_id drop not null;
alter table swatches
    add column technique text not null default '' check (length(technique) <= 60),
    add column uses jsonb not null default '{}' check (jsonb_typeof(uses) = 'object'),
    add column features jsonb not null default '{}' check (jsonb_typeof(features) = 'object'),
    add column cloth jsonb not null default '{}' check (jsonb_typeof(cloth) = 'object'),
    add column counts boolean not null default true,
    add column simulated boolean not null default false;
update swatches s set technique = w.technique, uses = w.uses, cloth = w.cloth from workings w where w.id = s.working_id;
create index swatches_newest on swatches (workroom_id, created_at desc, id desc);

-- Photographs. What a step writes down is small; the pictures themselves lie apart, so that an undo brings back a
-- photograph without ever copying it.
create table photographs (
    id uuid primary key,
    workroom_id uuid not null references workrooms (id),
    swatch_id uuid not null references swatches (id) on delete cascade deferrable,
    width integer not null check (width between 1 and 2000),
    height integer not null check (height between 1 and 2000),
    version integer not null default 1,
    updated_by text not null default '',
    created_at timestamptz not null default now(),
    updated_at timestamptz not null default now()
);
create index photographs_by_swatch on photographs (workroom_id, swatch_id, id);
create trigger write_down_change after insert or update or delete on photographs
    for each row execute function write_down_change();

create table pictures (
    id uuid primary key,
    workroom_id uuid not null references workrooms (id),
    jpeg bytea not null,
    small bytea not null,
    created_at timestamptz not null default now()
);

-- Pictures that no photograph shows and no step can bring back.
create function forget_pictures(room uuid) returns void language sql as $$
    delete from pictures p where p.workroom_id = room and p.created_at < now() - interval '1 day'
        and not exists (select 1 from photographs f where f.id = p.id)
        and not exists (
            select 1 from changes c where c.workroom_id = room and c.table_name = 'photographs'
                and coalesce(c.after, c.before) ->> 'id' = p.id::text);
$$;

create function keep_picture(picture uuid, room uuid, large bytea, little bytea) returns void language sql as $$
    insert into pictures (id, workroom_id, jpeg, small) values (picture, room, large, little) on conflict (id) do nothing;
$$;

-- Steps that were written down before know nothing of the new columns.
update changes set
    before = '{"technique": "", "uses": {}, "features": {}, "cloth": {}, "counts": true, "simulated": false}' || before,
    after = '{"technique": "", "uses": {}, "features": {}, "cloth": {}, "counts": true, "simulated": false}' || after
    where table_name = 'swatches';
