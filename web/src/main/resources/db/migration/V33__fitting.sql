-- Steps of the work of fitting that are done, or skipped with a reason; a step that is neither has no row.
create table fit_tick (
  id uuid primary key,
  garage_id uuid not null,
  job_id uuid not null,
  step text not null check (step ~ '^[A-Z_]{3,40}$'),
  skipped boolean not null,
  note text not null check (length(note) <= 300),
  at timestamptz not null,
  check (not skipped or length(note) > 0),
  unique (job_id, step),
  foreign key (job_id, garage_id) references job (id, garage_id) on delete cascade
);
create index fit_tick_by_job on fit_tick (job_id, garage_id);
create index fit_tick_by_garage on fit_tick (garage_id);
create constraint trigger fit_tick_changed after insert or update or delete on fit_tick
  deferrable initially deferred for each row execute function raise_revision();
