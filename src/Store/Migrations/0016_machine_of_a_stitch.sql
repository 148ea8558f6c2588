-- A stitch knows its machine by id: whatever that is called, then or later, it stays the stitch's. What is said is a name, and
-- a name is what is read; in between stands the id.
alter table things add column machine_id uuid;
alter table things add foreign key (workroom_id, machine_id) references things (workroom_id, id) deferrable initially deferred;
create index stitches_by_machine on things (machine_id) where machine_id is not null;

drop trigger stitch_has_machine on things;
drop trigger stitch_gets_machine on things;
drop trigger stitches_follow on things;
drop function stitch_has_machine();
drop function stitches_follow();

-- Finds the machine that a stitch names, and waits for one that is being renamed. Where there is none of that name the stitch is
-- refused; what was kept before ids were, and comes back by a turn or an archive, keeps the name until there is one.
create function stitch_has_machine() returns trigger language plpgsql as $$
declare
    called text := new.properties ->> 'onMachine';
    machine uuid;
begin
    select id into machine from things where workroom_id = new.workroom_id and kind = 'machine' and name = called for share;
    if found then
        new.machine_id := machine;
        new.properties := new.properties - 'onMachine';
    elsif coalesce(current_setting('zr.turning', true), '') = '' and coalesce(current_setting('zr.bringing_in', true), '') = ''
            and (tg_op = 'INSERT' or old.machine_id is not distinct from new.machine_id
                and old.properties ->> 'onMachine' is distinct from called) then
        raise exception 'There is no machine called “%” in the drawer.', called using errcode = 'ZR001';
    end if;
    return new;
end $$;

update things s set machine_id = m.id, properties = s.properties - 'onMachine' from things m
    where s.kind = 'machine-stitch' and m.kind = 'machine' and m.workroom_id = s.workroom_id
        and m.name = s.properties ->> 'onMachine';
create trigger stitch_has_machine before insert or update of properties on things for each row
    when (new.kind = 'machine-stitch' and new.properties ? 'onMachine') execute function stitch_has_machine();

-- A machine that goes leaves its name with its stitches.
create function stitches_stay() returns trigger language plpgsql as $$
begin
    update things set machine_id = null, properties = properties || jsonb_build_object('onMachine', old.name),
        version = version + 1, updated_at = now()
    where workroom_id = old.workroom_id and machine_id = old.id;
    return null;
end $$;
create trigger stitches_stay after delete on things for each row
    when (old.kind = 'machine') execute function stitches_stay();

-- And one that comes, or comes to a name, has the stitches that wait for it. What is brought in, or put in place from a backup,
-- comes as it was, by an account that may only add.
create function stitches_find() returns trigger language plpgsql as $$
begin
    if coalesce(current_setting('zr.turning', true), '') = '' and coalesce(current_setting('zr.bringing_in', true), '') = '' then
        update things set machine_id = new.id, properties = properties - 'onMachine', version = version + 1, updated_at = now()
        where workroom_id = new.workroom_id and kind = 'machine-stitch' and machine_id is null
            and properties ->> 'onMachine' = new.name;
    end if;
    return null;
end $$;
create trigger stitches_find after insert or update of name on things for each row
    when (new.kind = 'machine') execute function stitches_find();

-- A machine that is brought in under a name that another one has gets one of its own.
create or replace function bring_in(tab text, room uuid, seat text, rows jsonb) returns integer language plpgsql as $$
declare
    -- What only this workroom knows of a row.
    known_here text[] := array['workroom_id', 'version', 'updated_by', 'updated_at'];
    brought integer;
begin
    perform set_config('zr.bringing_in', 'yes', true);
    if tab = 'things' then
        select jsonb_agg(case when r ->> 'kind' = 'machine' and exists (
                    select 1 from things t where t.workroom_id = room and t.kind = 'machine' and t.name = r ->> 'name'
                        and t.id <> (r ->> 'id')::uuid)
                then jsonb_set(r, '{name}', to_jsonb(left(r ->> 'name', 100) || ' (brought in)'))
                else r end)
            into rows from jsonb_array_elements(rows) r;
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
