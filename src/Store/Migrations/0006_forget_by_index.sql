-- Forgetting the oldest steps walks the index in order. A bitmap of it would visit every entry that was ever forgotten since
-- the last vacuum, which at a thousand changes a second cost more than the changes themselves; an ordered walk marks those
-- entries as dead, and the next one passes them by.
alter function forget_oldest(uuid) set enable_bitmapscan = off;
alter function forget_oldest(uuid) set enable_seqscan = off;
