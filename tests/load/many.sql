-- 200 projects with a working by foot in each, and 10 swatches for every one: what a sewing circle keeps in some years.
insert into projects (id, workroom_id, name, notes)
select gen_random_uuid(), :'room', 'bench project ' || n, '' from generate_series(1, 200) n;
insert into workings (id, workroom_id, project_id, technique, schema_version, name, ask, cloth, position)
select gen_random_uuid(), :'room', p.id, 'gathering-foot', 1, 'bench frill', jsonb_build_object('finishedEdge', '1.2 m',
    'stitchLength', '4 mm', 'tensionSteps', 1, 'clothWeight', 120), jsonb_build_object('name', 'bench cloth ' || p.name), 0
from projects p where p.name like 'bench project %';
insert into swatches (id, workroom_id, working_id, technique, settings, features, cloth, readings, looks, verdict, note,
    created_at)
select gen_random_uuid(), :'room', w.id, 'gathering-foot', '{"Needle": "universal 80", "Thread": "bench thread"}',
    jsonb_build_object('stitchLength', 2.5 + n % 6 * 0.5, 'tensionSteps', n % 3, 'clothWeight', 120), w.cloth,
    jsonb_build_object('flat', array[300], 'gathered', array[200 - n % 6 * 12 - n % 3 * 8 + random() * 8]), array['right'], (array['yes', 'nearly', 'no'])[1 + n % 3],
    'bench note ' || n, now() - n * interval '1 minute'
from workings w cross join generate_series(1, 10) n where w.name = 'bench frill';
analyze;
