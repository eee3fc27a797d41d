-- Readings of a job's check. One that is corrected stays, withdrawn, and the new one points to it, so
-- that the log keeps its history. facts holds what was typed, metric, by field name.
create table reading (
  id uuid primary key,
  owner_id uuid not null,
  job_id uuid not null,
  kind text not null,
  taken_at timestamptz not null,
  instrument text not null check (length(instrument) <= 60),
  facts jsonb not null check (octet_length(facts::text) < 4000),
  corrects uuid,
  withdrawn_at timestamptz,
  foreign key (job_id, owner_id) references job (id, owner_id) on delete cascade
);
create index reading_by_job on reading (job_id, taken_at);
-- Of each kind one reading counts at a time.
create unique index reading_of_kind on reading (job_id, kind) where withdrawn_at is null;
