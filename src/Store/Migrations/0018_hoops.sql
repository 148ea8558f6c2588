-- Hoops are kept in the drawer: a free-motion plan takes its size from the one that is chosen.
alter table things drop constraint things_kind_check;
alter table things add constraint things_kind_check check (
    kind in ('machine', 'foot', 'needle', 'thread', 'elastic', 'cloth', 'stabiliser', 'cord', 'ribbon', 'hoop', 'machine-stitch'));
