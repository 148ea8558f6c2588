-- What a household keeps. Every table has id, workroom_id, version, created_at and updated_at, so that one pair of
-- functions can write down and take back any change.

create table workrooms (
    id uuid primary key,
    workroom_id uuid generated always as (id) stored,
    name text not null check (length(name) between 1 and 200),
    units text not null default 'metric' check (units in ('metric', 'imperial')),
    metric_cutting_mm double precision not null default 5 check (metric_cutting_mm > 0),
    metric_marking_mm double precision not null default 0.5 check (metric_marking_mm > 0),
    imperial_cutting_in double precision not null default 0.25 check (imperial_cutting_in > 0),
    imperial_marking_in double precision not null default 0.0625 check (imperial_marking_in > 0),
    normal_tension double precision not null default 4 check (normal_tension between 0 and 20),
    longest_stitch_mm double precision not null default 5 check (longest_stitch_mm between 1 and 12),
    version integer not null default 1,
    updated_by text not null default '',
    created_at timestamptz not null default now(),
    updated_at timestamptz not null default now()
);

create table projects (
    id uuid primary key,
    workroom_id uuid not null references workrooms (id),
    name text not null check (length(name) between 1 and 200),
    wanted_by date,
    notes text not null default '' check (length(notes) <= 10000),
    version integer not null default 1,
    updated_by text not null default '',
    created_at timestamptz not null default now(),
    updated_at timestamptz not null default now()
);
create index projects_by_workroom on projects (workroom_id, id);

create table workings (
    id uuid primary key,
    workroom_id uuid not null references workrooms (id),
    project_id uuid not null references projects (id) on delete cascade deferrable,
    technique text not null,
    schema_version integer not null,
    name text not null check (length(name) between 1 and 200),
    ask jsonb not null check (jsonb_typeof(ask) = 'object'),
    cloth jsonb not null check (jsonb_typeof(cloth) = 'object'),
    progress jsonb not null default '{}' check (jsonb_typeof(progress) = 'object'),
    stage text not null default 'plan' check (stage in ('plan', 'set-up', 'sample', 'cut', 'sew', 'keep')),
    position integer not null default 0,
    version integer not null default 1,
    updated_by text not null default '',
    created_at timestamptz not null default now(),
    updated_at timestamptz not null default now()
);
create index workings_by_project on workings (workroom_id, project_id, position, id);

create table swatches (
    id uuid primary key,
    workroom_id uuid not null references workrooms (id),
    working_id uuid not null references workings (id) on delete cascade deferrable,
    settings jsonb not null default '{}' check (jsonb_typeof(settings) = 'object'),
    flat_mm double precision[] not null default '{}',
    gathered_mm double precision[] not null default '{}',
    steamed_mm double precision[] not null default '{}',
    stretched_mm double precision[] not null default '{}',
    looks text[] not null default '{}',
    changed text not null default '' check (length(changed) <= 200),
    verdict text not null default '' check (verdict in ('', 'yes', 'nearly', 'no')),
    note text not null default '' check (length(note) <= 4000),
    version integer not null default 1,
    updated_by text not null default '',
    created_at timestamptz not null default now(),
    updated_at timestamptz not null default now(),
    check (0 < all (flat_mm) and 0 < all (gathered_mm) and 0 < all (steamed_mm) and 0 < all (stretched_mm))
);
create index swatches_by_working on swatches (workroom_id, working_id, id);

-- Frozen at the moment of cutting: the answer as it was, with the swatches it rested on.
create table cut_lists (
    id uuid primary key,
    workroom_id uuid not null references workrooms (id),
    working_id uuid not null references workings (id) on delete cascade deferrable,
    ask jsonb not null check (jsonb_typeof(ask) = 'object'),
    answer jsonb not null check (jsonb_typeof(answer) = 'object'),
    swatches jsonb not null check (jsonb_typeof(swatches) = 'array'),
    version integer not null default 1,
    updated_by text not null default '',
    created_at timestamptz not null default now(),
    updated_at timestamptz not null default now()
);
create index cut_lists_by_working on cut_lists (workroom_id, working_id, id);

create table keeps (
    id uuid primary key,
    workroom_id uuid not null references workrooms (id),
    working_id uuid not null references workings (id) on delete cascade deferrable,
    settings jsonb not null default '{}' check (jsonb_typeof(settings) = 'object'),
    came_out text not null default '' check (length(came_out) <= 4000),
    verdict text not null default '' check (verdict in ('', 'yes', 'nearly', 'no')),
    note text not null default '' check (length(note) <= 4000),
    version integer not null default 1,
    updated_by text not null default '',
    created_at timestamptz not null default now(),
    updated_at timestamptz not null default now(),
    unique (working_id)
);

-- What was done, so that it can be undone. A step is one request; its changes are the rows it touched.
create table steps (
    id bigint generated always as identity primary key,
    workroom_id uuid not null references workrooms (id),
    says text not null,
    undone boolean not null default false,
    created_at timestamptz not null default now()
);
create index steps_in_order on steps (workroom_id, undone, id);

create table changes (
    id bigint generated always as identity primary key,
    step_id bigint not null references steps (id) on delete cascade,
    table_name text not null,
    before jsonb,
    after jsonb
);
create index changes_by_step on changes (step_id, id);

-- Names what the running transaction is about to do. The step itself begins with the first row that changes: where
-- nothing changes there is no step, and nothing to undo.
create function name_step(what text) returns void language sql as $$
    select set_config('zr.says', what, true), set_config('zr.step', '', true);
$$;

-- Begins the step of the running transaction. What had been undone can no longer be done again. Now and then the oldest
-- steps go; 200 stay at least. Plans are kept from when the table was empty, so indexes are asked for.
create function begin_step(workroom uuid) returns bigint language plpgsql set enable_seqscan = off as $$
declare
    step bigint;
begin
    delete from steps where workroom_id = workroom and undone;
    insert into steps (workroom_id, says) values (workroom, current_setting('zr.says')) returning id into step;
    if step % 50 = 0 then
        delete from steps where workroom_id = workroom and id < (
            select min(id) from (
                select id from steps where workroom_id = workroom order by id desc limit 200) newest);
    end if;
    return step;
end $$;

create function write_down_change() returns trigger language plpgsql as $$
declare
    step text := current_setting('zr.step', true);
begin
    if coalesce(current_setting('zr.says', true), '') = '' then
        return null;
    end if;
    if step = '' then
        step := begin_step(case when tg_op = 'DELETE' then old.workroom_id else new.workroom_id end)::text;
        perform set_config('zr.step', step, true);
    end if;
    insert into changes (step_id, table_name, before, after) values (
        step::bigint, tg_table_name,
        case when tg_op = 'INSERT' then null else to_jsonb(old) end,
        case when tg_op = 'DELETE' then null else to_jsonb(new) end);
    return null;
end $$;

-- Brings one row to a state: as it was, or gone. The version always goes up, so that an editor of the other state
-- is told.
create function bring_row(tab text, from_state jsonb, to_state jsonb) returns void language plpgsql as $$
declare
    columns text;
    now_version integer;
begin
    if to_state is null then
        execute format('delete from %I where id = $1', tab) using (from_state ->> 'id')::uuid;
        return;
    end if;
    execute format('select version from %I where id = $1 for update', tab)
        into now_version using (to_state ->> 'id')::uuid;
    to_state := jsonb_set(to_state, '{version}', to_jsonb(1 + greatest(
        coalesce(now_version, 0), (to_state ->> 'version')::integer)));
    to_state := jsonb_set(to_state, '{updated_at}', to_jsonb(now()));
    select string_agg(quote_ident(column_name), ', ') into columns
        from information_schema.columns
        where table_schema = current_schema() and table_name = tab and is_generated = 'NEVER';
    if now_version is null then
        execute format('insert into %I (%s) select %s from jsonb_populate_record(null::%I, $1)', tab, columns, columns, tab)
            using to_state;
    else
        execute format('update %I set (%s) = (select %s from jsonb_populate_record(null::%I, $1)) where id = $2',
            tab, columns, columns, tab) using to_state, (to_state ->> 'id')::uuid;
    end if;
end $$;

-- Takes one step back, or does it again. Nothing happens when the step is already in that state, so that a repeated
-- request does no harm.
create function turn_step(workroom uuid, step bigint, back boolean) returns boolean language plpgsql as $$
declare
    change record;
begin
    perform 1 from workrooms where id = workroom for update;
    update steps set undone = back where id = step and workroom_id = workroom and undone <> back;
    if not found then
        return false;
    end if;
    set constraints all deferred;
    if back then
        for change in select * from changes where step_id = step order by id desc loop
            perform bring_row(change.table_name, change.after, change.before);
        end loop;
    else
        for change in select * from changes where step_id = step order by id loop
            perform bring_row(change.table_name, change.before, change.after);
        end loop;
    end if;
    return true;
end $$;

create trigger write_down_change after insert or update or delete on workrooms
    for each row execute function write_down_change();
create trigger write_down_change after insert or update or delete on projects
    for each row execute function write_down_change();
create trigger write_down_change after insert or update or delete on workings
    for each row execute function write_down_change();
create trigger write_down_change after insert or update or delete on swatches
    for each row execute function write_down_change();
create trigger write_down_change after insert or update or delete on cut_lists
    for each row execute function write_down_change();
create trigger write_down_change after insert or update or delete on keeps
    for each row execute function write_down_change();
