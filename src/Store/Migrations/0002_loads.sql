-- Which bundles were read in once and for all, so that a second start does not bring back what was deleted since.
create table loads (
    id uuid primary key default gen_random_uuid(),
    workroom_id uuid not null references workrooms (id),
    name text not null,
    version integer not null default 1,
    created_at timestamptz not null default now(),
    updated_at timestamptz not null default now(),
    unique (workroom_id, name)
);
