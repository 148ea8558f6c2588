-- The stitch book: the stitches of a machine are things of the drawer, and name their machine. Ribbons are kept there too.
alter table things drop constraint things_kind_check;
alter table things add constraint things_kind_check check (
    kind in ('machine', 'foot', 'needle', 'thread', 'elastic', 'cloth', 'stabiliser', 'cord', 'ribbon', 'machine-stitch'));

-- A machine that gets another name takes its stitches along, in the same step. A turn brings back each row by itself.
create function stitches_follow() returns trigger language plpgsql as $$
begin
    if coalesce(current_setting('zr.turning', true), '') = '' then
        update things set properties = jsonb_set(properties, '{onMachine}', to_jsonb(new.name)),
            version = version + 1, updated_by = new.updated_by, updated_at = now()
        where workroom_id = new.workroom_id and kind = 'machine-stitch' and properties ->> 'onMachine' = old.name;
    end if;
    return null;
end $$;
create trigger stitches_follow after update of name on things for each row
    when (old.kind = 'machine' and old.name is distinct from new.name) execute function stitches_follow();
