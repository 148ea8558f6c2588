-- What is owned. Its properties are as they were typed, and are checked by the craft on the way in and out; how much is left
-- is a column of its own, because it is lowered by what is cut and sewn.

create table things (
    id uuid primary key,
    workroom_id uuid not null references workrooms (id),
    kind text not null check (kind in ('machine', 'foot', 'needle', 'thread', 'elastic', 'cloth', 'stabiliser', 'cord')),
    name text not null check (length(name) between 1 and 120),
    properties jsonb not null default '{}' check (jsonb_typeof(properties) = 'object'),
    left_mm double precision check (left_mm >= 0),
    version integer not null default 1,
    updated_by text not null default '',
    created_at timestamptz not null default now(),
    updated_at timestamptz not null default now()
);
create index things_by_kind on things (workroom_id, kind, name, id);

-- That a foot was tried on a machine, with a needle or with any.
create table tried_notes (
    id uuid primary key,
    workroom_id uuid not null references workrooms (id),
    machine_id uuid not null references things (id) on delete cascade deferrable,
    foot_id uuid not null references things (id) on delete cascade deferrable,
    needle_id uuid references things (id) on delete cascade deferrable,
    clears boolean not null,
    width_mm double precision not null default 0 check (width_mm >= 0),
    tried_on date not null,
    note text not null default '' check (length(note) <= 1000),
    version integer not null default 1,
    updated_by text not null default '',
    created_at timestamptz not null default now(),
    updated_at timestamptz not null default now()
);
create index tried_notes_by_workroom on tried_notes (workroom_id, id);
create index tried_notes_by_machine on tried_notes (machine_id);
create index tried_notes_by_foot on tried_notes (foot_id);
create index tried_notes_by_needle on tried_notes (needle_id);

create trigger write_down_change after insert or update or delete on things
    for each row execute function write_down_change();
create trigger write_down_change after insert or update or delete on tried_notes
    for each row execute function write_down_change();

-- Which things of the drawer a working uses, by kind.
alter table workings add column uses jsonb not null default '{}' check (jsonb_typeof(uses) = 'object');
