-- Recorded starts of a job: what was found in each, and few enough points to draw it. The file itself is
-- not kept.
create table recording (
  id uuid primary key,
  owner_id uuid not null,
  job_id uuid not null,
  name text not null check (length(name) between 1 and 60),
  taken_at timestamptz not null,
  samples integer not null check (samples between 20 and 2000000),
  features jsonb not null check (octet_length(features::text) < 4000),
  points jsonb not null check (octet_length(points::text) < 60000),
  foreign key (job_id, owner_id) references job (id, owner_id) on delete cascade
);
create index recording_by_job on recording (job_id, taken_at);
