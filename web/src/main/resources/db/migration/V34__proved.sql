-- The battery a job brings in: its own thing from its first reading on, on the shelf until it is handed over.
create table incoming (
  job_id uuid not null,
  battery_id uuid not null,
  garage_id uuid not null,
  handed_over_at timestamptz,
  primary key (job_id, battery_id),
  foreign key (job_id, garage_id) references job (id, garage_id) on delete cascade,
  foreign key (battery_id, garage_id) references battery (id, garage_id) on delete cascade
);
create index incoming_by_job on incoming (job_id, garage_id);
create index incoming_by_battery on incoming (battery_id, garage_id);
create index incoming_by_garage on incoming (garage_id);

-- What proves it: which reading or recording, what it came to, and what the models foretold when it was taken,
-- so that the error of the forecast stays known whatever the models say later.
create table proof (
  job_id uuid not null,
  battery_id uuid not null,
  garage_id uuid not null,
  measure text not null check (measure in ('REST', 'TESTER', 'CRANKING', 'SPEED', 'PULSES', 'CAPACITY', 'PARKED')),
  reading_id uuid not null,
  recording_id uuid,
  taken_at timestamptz not null,
  measured double precision not null check (measured between 0 and 10000),
  foretold double precision check (foretold between -1000 and 100000),
  foretold_sigma double precision check (foretold_sigma between 0 and 100000),
  least double precision check (least between -1000 and 100000),
  model text not null check (length(model) <= 80),
  primary key (job_id, battery_id, measure),
  check ((foretold is null) = (foretold_sigma is null)),
  foreign key (job_id, battery_id) references incoming (job_id, battery_id) on delete cascade,
  foreign key (reading_id, garage_id) references reading (id, garage_id) on delete cascade,
  foreign key (recording_id) references recording (id) on delete set null
);
create index proof_by_reading on proof (reading_id, garage_id);
create index proof_by_recording on proof (recording_id);
create index proof_by_garage on proof (garage_id);

do $$ declare each text; begin
  foreach each in array array['incoming', 'proof'] loop
    execute format('create constraint trigger %I after insert or update or delete on %I'
      ' deferrable initially deferred for each row execute function raise_revision()', each || '_changed', each);
  end loop;
end $$;
