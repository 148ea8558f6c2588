-- What a cut list took off the shelf, or a summary off the spool, is kept with it, so that it can be given back. Nothing is
-- known of those from before.

alter table cut_lists add column taken_from uuid, add column taken_mm double precision check (taken_mm >= 0);
alter table keeps add column taken_from uuid, add column taken_mm double precision check (taken_mm >= 0);

-- Nobody calls it any more: each statement names its step itself.
drop function name_step(text);
