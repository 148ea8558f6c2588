-- Walls between workrooms. Each transaction says whose rows it is about (zr.workroom), and sees and changes no others, whatever
-- its statement says; what says nothing sees nothing, but for the workrooms themselves, so that the one that is meant can be
-- found. Forced, so that it holds for the owner of the tables too. A record can belong only to one of its own workroom.

create function here() returns uuid language sql stable as $$
    select nullif(current_setting('zr.workroom', true), '')::uuid;
$$;

alter table projects add unique (workroom_id, id);
alter table workings add unique (workroom_id, id);
alter table swatches add unique (workroom_id, id);
alter table things add unique (workroom_id, id);

alter table workings drop constraint workings_project_id_fkey,
    add foreign key (workroom_id, project_id) references projects (workroom_id, id) on delete cascade deferrable;
alter table swatches drop constraint swatches_working_id_fkey,
    add foreign key (workroom_id, working_id) references workings (workroom_id, id) on delete cascade deferrable;
alter table cut_lists drop constraint cut_lists_working_id_fkey,
    add foreign key (workroom_id, working_id) references workings (workroom_id, id) on delete cascade deferrable;
alter table keeps drop constraint keeps_working_id_fkey,
    add foreign key (workroom_id, working_id) references workings (workroom_id, id) on delete cascade deferrable;
alter table photographs drop constraint photographs_swatch_id_fkey,
    add foreign key (workroom_id, swatch_id) references swatches (workroom_id, id) on delete cascade deferrable;
alter table tried_notes
    drop constraint tried_notes_machine_id_fkey,
    drop constraint tried_notes_foot_id_fkey,
    drop constraint tried_notes_needle_id_fkey,
    add foreign key (workroom_id, machine_id) references things (workroom_id, id) on delete cascade deferrable,
    add foreign key (workroom_id, foot_id) references things (workroom_id, id) on delete cascade deferrable,
    add foreign key (workroom_id, needle_id) references things (workroom_id, id) on delete cascade deferrable;

do $$
declare
    tab text;
begin
    foreach tab in array array['projects', 'workings', 'swatches', 'cut_lists', 'keeps', 'photographs', 'pictures', 'things',
            'tried_notes', 'changes', 'loads'] loop
        execute format('create policy here on %I using (workroom_id = here()) with check (workroom_id = here())', tab);
        execute format('alter table %I enable row level security', tab);
        execute format('alter table %I force row level security', tab);
    end loop;
end $$;
create policy here on workrooms using (here() is null or id = here()) with check (id = here());
alter table workrooms enable row level security;
alter table workrooms force row level security;
