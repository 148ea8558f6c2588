-- Whoever changes something holds the workroom together with all others who do; whoever turns a step holds it alone. So a step
-- is never turned beside an edit, on this server or another, and what is next is looked at once nobody else is changing it.

create function hold_workroom(room uuid) returns void language sql as $$
    select pg_advisory_xact_lock_shared(hashtextextended(room::text, 10));
$$;

-- What goes with a row that a turn takes away (a working with its project) is written down with the step that is turned, so
-- that turning it the other way brings it back. Rows that the step has itself are there already.
create or replace function write_down_change() returns trigger language plpgsql as $$
declare
    what text := current_setting('zr.says', true);
    turning text := current_setting('zr.turning', true);
    number text;
    room uuid;
begin
    if coalesce(turning, '') <> '' then
        if tg_op = 'DELETE' then
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
        case when tg_op = 'DELETE' then null else to_jsonb(new) end);
    return null;
end $$;

-- Takes one step back, or does it again, if it is the next in that direction: the newest that stands, or the oldest undone one
-- above it. When it is not, or not any more, nothing happens, so that a repeated request does no harm. What was left behind
-- by a newer deed is forgotten once that deed is taken back: doing it again would no longer be what anybody undid.
create or replace function turn_step(workroom uuid, number bigint, back boolean) returns boolean language plpgsql as $$
declare
    change record;
    stands bigint;
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
