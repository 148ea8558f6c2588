-- A change says its own step, so that writing one down is one insert and asks no other table. There are no foreign keys
-- here, on purpose: each row is written by a trigger on a row that has them, and checking them again cost as much
-- as keeping the record itself.
--
-- What was undone can be done again until something newer is done: a step is done again only if its number is above
-- that of the newest step that stands. So a new step need not look for undone ones to throw away.

create sequence step_numbers;

alter table changes add column workroom_id uuid;
alter table changes add column says text;
alter table changes add column undone boolean not null default false;
alter table changes add column created_at timestamptz not null default now();
update changes set workroom_id = s.workroom_id, says = s.says, undone = s.undone, created_at = s.created_at
    from steps s where s.id = step_id;
select setval('step_numbers', 1 + coalesce((select max(id) from steps), 0));

drop index changes_by_step;
alter table changes drop constraint changes_step_id_fkey, drop constraint changes_pkey;
alter table changes rename column step_id to step;
alter table changes alter column workroom_id set not null, alter column says set not null;
alter table changes add primary key (workroom_id, step, id);
create index undone_changes on changes (workroom_id, step) where undone;
drop table steps;
drop function begin_step(uuid);

-- Names what the running transaction is about to do.
create or replace function name_step(what text) returns void language sql as $$
    select set_config('zr.says', what, true);
$$;

create or replace function write_down_change() returns trigger language plpgsql as $$
declare
    what text := current_setting('zr.says', true);
    number text;
    room uuid;
begin
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

-- Now and then the oldest steps go; of those that stand, 200 stay at least.
create function forget_oldest(room uuid) returns void language sql as $$
    delete from changes where workroom_id = room and step < (
        select min(step) from (
            select distinct step from changes where workroom_id = room and not undone order by step desc limit 200) newest);
$$;

-- Takes one step back, or does it again. Nothing happens when the step is already in that state, so that a repeated
-- request does no harm.
drop function turn_step(uuid, bigint, boolean);
create function turn_step(workroom uuid, number bigint, back boolean) returns boolean language plpgsql as $$
declare
    change record;
begin
    perform 1 from workrooms where id = workroom for update;
    update changes set undone = back where workroom_id = workroom and step = number and undone <> back;
    if not found then
        return false;
    end if;
    set constraints all deferred;
    if back then
        for change in select * from changes where workroom_id = workroom and step = number order by id desc loop
            perform bring_row(change.table_name, change.after, change.before);
        end loop;
    else
        for change in select * from changes where workroom_id = workroom and step = number order by id loop
            perform bring_row(change.table_name, change.before, change.after);
        end loop;
    end if;
    return true;
end $$;
