-- What was practised on the simulated machine, try by try: the figures that it was scored by, and no stitches.
create table practices (
    id uuid primary key,
    workroom_id uuid not null references workrooms (id),
    exercise text not null check (length(exercise) between 1 and 60),
    figures jsonb not null check (jsonb_typeof(figures) = 'object'),
    version integer not null default 1,
    updated_by text not null default '',
    created_at timestamptz not null default now(),
    updated_at timestamptz not null default now()
);
create index practices_newest on practices (workroom_id, created_at desc, id desc);
create trigger write_down_change after insert or update or delete on practices
    for each row execute function write_down_change();
create policy here on practices using (workroom_id = here()) with check (workroom_id = here());
alter table practices enable row level security;
alter table practices force row level security;
