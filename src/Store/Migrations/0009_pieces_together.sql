-- Pieces of a project stand together: an edge takes its length from another piece, and ways of doing the same piece are
-- compared until one is chosen.

alter table workings
    add column links jsonb not null default '{}' check (jsonb_typeof(links) = 'object'),
    add column way_of uuid,
    add column aside boolean not null default false;

-- So that what was written down before can still be undone.
update changes set
    before = before || '{"links": {}, "way_of": null, "aside": false}',
    after = after || '{"links": {}, "way_of": null, "aside": false}'
    where table_name = 'workings';
