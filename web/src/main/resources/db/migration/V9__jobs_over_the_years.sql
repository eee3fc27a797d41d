-- A machine keeps its jobs: one is closed when it is done and archived out of the way. What is removed can
-- be taken back for a while.
alter table machine add column removed_at timestamptz;
alter table job
  add column closed_at timestamptz,
  add column archived_at timestamptz,
  add column removed_at timestamptz,
  add check (archived_at is null or closed_at is not null);
alter table recording add column removed_at timestamptz;

-- Forms that were sent, by the number each was drawn with: one that is sent twice makes one thing.
create table submission (
  garage_id uuid not null references garage on delete cascade,
  number uuid not null,
  made uuid not null,
  sent_at timestamptz not null,
  primary key (garage_id, number)
);
create index submission_by_age on submission (sent_at);
