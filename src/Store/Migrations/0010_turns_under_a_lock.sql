-- Whoever changes something holds the workroom together with all others who do; whoever turns a step holds it alone. So a step
-- is never turned beside an edit, on this server or another, and what is next is looked at once nobody else is changing it.

create function hold_workroom(room uuid) returns void language sql as $$
    select pg_advisory_xact_lock_shared(hashtextextended(room::text, 10));
$$;

-- What goes with a row that a turn takes away (a working with its project) is written down with the step that is turned, so
-- that turning it the other way brings it back. Rows that the step has itself are there already. Of a row that is added
-- only its id is written down: it is looked at when it is taken away, so that taking in a long table is a small step.
create or replace function write_down_change() returns trigger language plpgsql as $$
declare
    what text := current_setting('zr.says', true);
    turning text := current_setting('zr.turning', true);
    number text;
    room uuid;
begin
    if coalesce(turning, '') <> '' then
        if tg_op = 'DELETE' and old.id::text <> current_setting('zr.bringing', true) then
            insert into changes (workroom_id, step, says, undone, table_name, before, after)
                select old.workroom_id, t.step, t.says, t.undone, tg_table_name,
                    case when not t.undone then to_jsonb(old) end, case when t.undone then to_jsonb(old) end
                from (
                    select step, says, undone from changes where workroom_id = old.workroom_id and step = turning::bigint limit 1) t
                where not exists (
                    select 1 from changes c where c.workroom_id = old.workroom_id and c.step = t.step
                        and c.table_name = tg_table_name and coalesce(c.after, c.before) ->> 'id' = old.id::text);
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
        if number::bigint % 100 = 0 then
            perform forget_oldest(room);
        end if;
    end if;
    insert into changes (workroom_id, step, says, table_name, before, after) values (
        room, number::bigint, what, tg_table_name,
        case when tg_op = 'INSERT' then null else to_jsonb(old) end,
        case tg_op when 'INSERT' then jsonb_build_object('id', new.id) when 'UPDATE' then to_jsonb(new) end);
    return null;
end $$;

-- Brings one row to a state: as it was, or gone. The version always goes up, so that an editor of the other state is told.
create or replace function bring_row(tab text, from_state jsonb, to_state jsonb) returns void language plpgsql as $$
declare
    columns text;
    now_version integer;
begin
    perform set_config('zr.bringing', coalesce(to_state, from_state) ->> 'id', true);
    if to_state is null then
        execute format('delete from %I where id = $1', tab) using (from_state ->> 'id')::uuid;
        return;
    end if;
    execute format('select version from %I where id = $1 for update', tab)
        into now_version using (to_state ->> 'id')::uuid;
    to_state := jsonb_set(to_state, '{version}', to_jsonb(1 + greatest(
        coalesce(now_version, 0), (to_state ->> 'version')::integer)));
    to_state := jsonb_set(to_state, '{updated_at}', to_jsonb(now()));
    select string_agg(quote_ident(attname), ', ') into columns from pg_attribute
        where attrelid = tab::regclass and attnum > 0 and not attisdropped and attgenerated = '';
    if now_version is null then
        execute format('insert into %I (%s) select %s from jsonb_populate_record(null::%I, $1)', tab, columns, columns, tab)
            using to_state;
    else
        execute format('update %I set (%s) = (select %s from jsonb_populate_record(null::%I, $1)) where id = $2',
            tab, columns, columns, tab) using to_state, (to_state ->> 'id')::uuid;
    end if;
end $$;

-- Takes one step back, or does it again, if it is the next in that direction: the newest that stands, or the oldest undone one
-- above it. When it is not, or not any more, nothing happens, so that a repeated request does no harm. What was left behind
-- by a newer deed is forgotten once that deed is taken back: doing it again would no longer be what anybody undid.
create or replace function turn_step(workroom uuid, number bigint, back boolean) returns boolean language plpgsql as $$
declare
    change record;
    stands bigint;
    kept jsonb;
begin
    perform pg_advisory_xact_lock(hashtextextended(workroom::text, 10));
    select max(step) into stands from changes where workroom_id = workroom and not undone;
    if back and number is distinct from stands then
        return false;
    end if;
    if not back and number is distinct from (
            select min(step) from changes where workroom_id = workroom and undone and step > coalesce(stands, 0)) then
        return false;
    end if;
    if back then
        delete from changes where workroom_id = workroom and undone and step < number;
    end if;
    update changes set undone = back where workroom_id = workroom and step = number;
    set constraints all deferred;
    perform set_config('zr.turning', number::text, true);
    if back then
        for change in select * from changes where workroom_id = workroom and step = number order by id desc loop
            if change.before is null then
                execute format('select to_jsonb(t) from %I t where t.id = $1', change.table_name)
                    into kept using (change.after ->> 'id')::uuid;
                update changes set after = coalesce(kept, after)
                    where workroom_id = workroom and step = number and id = change.id;
            end if;
            perform bring_row(change.table_name, change.after, change.before);
        end loop;
    else
        for change in select * from changes where workroom_id = workroom and step = number order by id loop
            perform bring_row(change.table_name, change.before, change.after);
        end loop;
    end if;
    perform set_config('zr.turning', '', true);
    return true;
end $$;

-- Keeps a picture under an id; false when another one was kept under it.
drop function keep_picture(uuid, uuid, bytea, bytea);
create function keep_picture(picture uuid, room uuid, large bytea, little bytea) returns boolean language plpgsql as $$
begin
    insert into pictures (id, workroom_id, jpeg, small) values (picture, room, large, little) on conflict (id) do nothing;
    return exists (select 1 from pictures p where p.id = picture and p.workroom_id = room and p.jpeg = large);
end $$;
