-- The stand-in instruments of a job: the hidden battery is made anew from its seed and settings, and what was
-- done to it since is done again in order.
create table stand_in (
  job_id uuid primary key,
  owner_id uuid not null,
  version bigint not null,
  seed bigint not null,
  settings jsonb not null check (octet_length(settings::text) < 2000),
  actions jsonb not null check (octet_length(actions::text) < 4000),
  foreign key (job_id, owner_id) references job (id, owner_id) on delete cascade
);

-- Rounds of practice: the hidden machine is made anew from its seed; kinds of reading in the order taken.
create table practice (
  id uuid primary key,
  owner_id uuid not null references owner on delete cascade,
  version bigint not null,
  seed bigint not null,
  readings jsonb not null check (octet_length(readings::text) < 2000),
  named text,
  begun_at timestamptz not null
);
create index practice_by_owner on practice (owner_id, begun_at);
