-- A step goes back as it came: all rows of a table at once. Which rows a step has is written down while it is turned, so that
-- what goes with them is found by an index and not by looking through the step once for every row.
create unlogged table turning (
    workroom_id uuid not null,
    table_name text not null,
    id uuid not null,
    primary key (workroom_id, table_name, id)
);
create policy here on turning using (workroom_id = here()) with check (workroom_id = here());
alter table turning enable row level security;
alter table turning force row level security;

-- What is practised has steps of its own: a hundred tries push out nobody's work.
alter table changes add column track text not null default '' check (track in ('', 'practice'));

create or replace function write_down_change() returns trigger language plpgsql as $$
declare
    what text := current_setting('zr.says', true);
    turning_step text := current_setting('zr.turning', true);
    number text;
    room uuid;
    now_track text;
begin
    if coalesce(turning_step, '') <> '' then
        if tg_op = 'DELETE' and not exists (
                select 1 from turning t where t.workroom_id = old.workroom_id and t.table_name = tg_table_name and t.id = old.id) then
            insert into changes (workroom_id, step, says, track, undone, table_name, before, after)
                select old.workroom_id, t.step, t.says, t.track, t.undone, tg_table_name,
                    case when not t.undone then to_jsonb(old) end, case when t.undone then to_jsonb(old) end
                from (
                    select * from changes where workroom_id = old.workroom_id and step = turning_step::bigint limit 1) t;
            insert into turning values (old.workroom_id, tg_table_name, old.id);
        end if;
        return null;
    end if;
    if coalesce(what, '') = '' then
        return null;
    end if;
    room := case when tg_op = 'DELETE' then old.workroom_id else new.workroom_id end;
    number := current_setting('zr.step', true);
    if coalesce(number, '') = '' then
        number := nextval('step_numbers')::text;
        perform set_config('zr.step', number, true);
        -- A step is practice if it begins with it: of what is brought in that comes after other things.
        perform set_config('zr.track', case when tg_table_name = 'practices' then 'practice' else '' end, true);
        if number::bigint % 100 = 0 then
            perform forget_oldest(room);
        end if;
    end if;
    now_track := current_setting('zr.track', true);
    insert into changes (workroom_id, step, says, track, table_name, before, after) values (
        room, number::bigint, what, now_track, tg_table_name,
        case when tg_op = 'INSERT' then null else to_jsonb(old) end,
        case tg_op when 'INSERT' then jsonb_build_object('id', new.id) when 'UPDATE' then to_jsonb(new) end);
    return null;
end $$;

-- Now and then the oldest steps go; of those that stand, 200 stay at least, and of practice 200 of its own.
create or replace function forget_oldest(room uuid) returns void language sql as $$
    delete from changes where workroom_id = room and track = '' and step < (
        select min(step) from (
            select distinct step from changes where workroom_id = room and track = '' and not undone
            order by step desc limit 200) newest);
    delete from changes where workroom_id = room and track = 'practice' and step < (
        select min(step) from (
            select distinct step from changes where workroom_id = room and track = 'practice' and not undone
            order by step desc limit 200) newest);
$$;
alter function forget_oldest(uuid) set enable_bitmapscan = off;
alter function forget_oldest(uuid) set enable_seqscan = off;

-- The columns of a table that a row is brought to, each with what stands before it; but for some.
create function columns_of(tab text, before text default '', but text[] default '{}') returns text language sql stable as $$
    select string_agg(before || quote_ident(attname), ', ' order by attnum) from pg_attribute
        where attrelid = tab::regclass and attnum > 0 and not attisdropped and attgenerated = '' and attname <> all (but);
$$;

-- Brings all rows of a step to their state before it, or after it: those that are gone then go, the others come. The version
-- always goes up, so that an editor of the other state is told.
create function bring_rows(tab text, workroom uuid, number bigint, back boolean) returns void language plpgsql as $$
declare
    columns text := columns_of(tab);
begin
    execute format(
        'delete from %1$I t using (
            select case when $3 then before else after end as state, coalesce(after, before) ->> ''id'' as id
            from changes where workroom_id = $1 and step = $2 and table_name = %2$L) c
        where c.state is null and t.id = c.id::uuid', tab, tab) using workroom, number, back;
    execute format(
        'insert into %1$I as t (%3$s)
        select %3$s from (
            select jsonb_populate_record(null::%1$I, c.state || jsonb_build_object(
                ''version'', 1 + greatest(coalesce(o.version, 0), (c.state ->> ''version'')::integer), ''updated_at'', now())) as r
            from (
                select case when $3 then before else after end as state
                from changes where workroom_id = $1 and step = $2 and table_name = %2$L) c
                left join %1$I o on o.id = (c.state ->> ''id'')::uuid
            where c.state is not null) s, lateral (select (s.r).*) one
        on conflict (id) do update set (%3$s) = (select %4$s)', tab, tab, columns,
        columns_of(tab, 'excluded.')) using workroom, number, back;
end $$;

-- Takes one step back, or does it again, if it is the next in that direction: the newest that stands, or the oldest undone one
-- above it; of practice among its own. When it is not, or not any more, nothing happens, so that a repeated request does no
-- harm. What was left behind by a newer deed is forgotten once that deed is taken back: doing it again would no longer be what
-- anybody undid.
create or replace function turn_step(workroom uuid, number bigint, back boolean) returns boolean language plpgsql as $$
declare
    change record;
    stands bigint;
    kind text;
    tab text;
    tables text[] := array['things', 'tried_notes', 'projects', 'workings', 'swatches', 'cut_lists', 'keeps', 'practices', 'photographs'];
begin
    perform pg_advisory_xact_lock(hashtextextended(workroom::text, 10));
    select track into kind from changes where workroom_id = workroom and step = number limit 1;
    select max(step) into stands from changes where workroom_id = workroom and track = kind and not undone;
    if back and number is distinct from stands then
        return false;
    end if;
    if not back and number is distinct from (
            select min(step) from changes
            where workroom_id = workroom and track = kind and undone and step > coalesce(stands, 0)) then
        return false;
    end if;
    if back then
        delete from changes where workroom_id = workroom and track = kind and undone and step < number;
    end if;
    update changes set undone = back where workroom_id = workroom and step = number;
    set constraints all deferred;
    insert into turning
        select workroom_id, table_name, (coalesce(after, before) ->> 'id')::uuid
        from changes where workroom_id = workroom and step = number
        on conflict do nothing;
    perform set_config('zr.turning', number::text, true);
    -- What was taken in a moment ago is not counted yet, and would be looked through once for every row of it.
    if (select count(*) > 100 from changes where workroom_id = workroom and step = number) then
        perform set_config('enable_nestloop', 'off', true);
    end if;
    -- Of a row that was added only its id was written down: it is looked at when it is taken away.
    if back then
        for tab in select distinct table_name from changes
                where workroom_id = workroom and step = number and before is null loop
            execute format(
                'update changes c set after = to_jsonb(t) from %I t
                where c.workroom_id = $1 and c.step = $2 and c.table_name = %L and c.before is null
                    and t.id = (c.after ->> ''id'')::uuid', tab, tab) using workroom, number;
        end loop;
    end if;
    -- Rows that change once can all go at once; one that changes twice goes from state to state.
    if (select count(*) = count(distinct (table_name, coalesce(after, before) ->> 'id'))
            and bool_and(table_name = any (tables))
            from changes where workroom_id = workroom and step = number) then
        for tab in select t from unnest(tables) with ordinality as n(t, place)
                where exists (select 1 from changes where workroom_id = workroom and step = number and table_name = t)
                order by place loop
            perform bring_rows(tab, workroom, number, back);
        end loop;
    elsif back then
        for change in select * from changes where workroom_id = workroom and step = number order by id desc loop
            perform bring_row(change.table_name, change.after, change.before);
        end loop;
    else
        for change in select * from changes where workroom_id = workroom and step = number order by id loop
            perform bring_row(change.table_name, change.before, change.after);
        end loop;
    end if;
    perform set_config('zr.turning', '', true);
    delete from turning where workroom_id = workroom;
    return true;
end $$;

-- A machine's name is its own: by it stitches know their machine.
update things t set name = left(t.name, 100) || ' ' || left(t.id::text, 8)
    where kind = 'machine' and exists (
        select 1 from things o where o.workroom_id = t.workroom_id and o.kind = 'machine' and o.name = t.name and o.id < t.id);
create unique index machines_by_name on things (workroom_id, name) where kind = 'machine';

-- A stitch waits for a machine that is being renamed, and is refused where there is none of that name; else it would be left
-- behind. What is brought in, or turned, comes as it was.
create function stitch_has_machine() returns trigger language plpgsql as $$
begin
    if coalesce(current_setting('zr.turning', true), '') <> '' or coalesce(current_setting('zr.bringing_in', true), '') <> '' then
        return null;
    end if;
    perform 1 from things where workroom_id = new.workroom_id and kind = 'machine'
        and name = new.properties ->> 'onMachine' for share;
    if not found and new.properties ? 'onMachine' then
        raise exception 'There is no machine called “%” in the drawer.', new.properties ->> 'onMachine'
            using errcode = 'ZR001';
    end if;
    return null;
end $$;
create trigger stitch_has_machine after insert on things for each row
    when (new.kind = 'machine-stitch') execute function stitch_has_machine();
create trigger stitch_gets_machine after update of properties on things for each row
    when (new.kind = 'machine-stitch' and old.properties ->> 'onMachine' is distinct from new.properties ->> 'onMachine')
    execute function stitch_has_machine();

-- A machine that is brought in under a name that another one has gets one of its own, and its stitches with it.
create or replace function bring_in(tab text, room uuid, seat text, rows jsonb) returns integer language plpgsql as $$
declare
    -- What only this workroom knows of a row.
    known_here text[] := array['workroom_id', 'version', 'updated_by', 'updated_at'];
    brought integer;
    taken text;
begin
    perform set_config('zr.bringing_in', 'yes', true);
    if tab = 'things' then
        for taken in select r ->> 'name' from jsonb_array_elements(rows) r
                where r ->> 'kind' = 'machine' and exists (
                    select 1 from things t where t.workroom_id = room and t.kind = 'machine' and t.name = r ->> 'name'
                        and t.id <> (r ->> 'id')::uuid) loop
            select jsonb_agg(case
                    when r ->> 'kind' = 'machine' and r ->> 'name' = taken
                        then jsonb_set(r, '{name}', to_jsonb(left(taken, 100) || ' (brought in)'))
                    when r ->> 'kind' = 'machine-stitch' and r -> 'properties' ->> 'onMachine' = taken
                        then jsonb_set(r, '{properties,onMachine}', to_jsonb(left(taken, 100) || ' (brought in)'))
                    else r end)
                into rows from jsonb_array_elements(rows) r;
        end loop;
    end if;
    execute format(
        'insert into %1$I as t (workroom_id, updated_by, %2$s) select $1, $2, %2$s from jsonb_populate_recordset(null::%1$I, $3)
            on conflict (id) do update set (updated_by, version, updated_at, %2$s)
                = (select excluded.updated_by, t.version + 1, now(), %3$s) where t.workroom_id = $1',
        tab, columns_of(tab, '', known_here), columns_of(tab, 'excluded.', known_here)) using room, seat, rows;
    get diagnostics brought = row_count;
    perform set_config('zr.bringing_in', '', true);
    return brought;
end $$;
