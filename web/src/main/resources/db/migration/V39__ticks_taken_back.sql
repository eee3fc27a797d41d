-- A tick that was taken back is remembered with its time: an old copy of it, sent late, never ticks the step again.
alter table fit_tick
  add column undone boolean not null default false,
  add check (not (undone and (skipped or length(note) > 0)));
