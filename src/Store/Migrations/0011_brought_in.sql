-- Takes rows in as they were taken out elsewhere: those that are not there are added, those that are become what is brought.
-- Gives how many there were; a row whose id is another workroom's is not touched, and not counted.
create function bring_in(tab text, room uuid, seat text, rows jsonb) returns integer language plpgsql as $$
declare
    columns text;
    brought integer;
begin
    select string_agg(quote_ident(attname), ', ') into columns from pg_attribute
        where attrelid = tab::regclass and attnum > 0 and not attisdropped and attgenerated = ''
            and attname not in ('workroom_id', 'version', 'updated_by', 'updated_at');
    execute format(
        'insert into %1$I as t (workroom_id, updated_by, %2$s) select $1, $2, %2$s from jsonb_populate_recordset(null::%1$I, $3)
            on conflict (id) do update set (updated_by, version, updated_at, %2$s)
                = (select excluded.updated_by, t.version + 1, now(), %3$s) where t.workroom_id = $1',
        tab, columns, (select string_agg('excluded.' || trim(c), ', ') from unnest(string_to_array(columns, ',')) c))
        using room, seat, rows;
    get diagnostics brought = row_count;
    return brought;
end $$;
