-- What was settled in a job, as a plain record that is shown the same for good: the question, the answer, the
-- conditions and the mark of the models. One stands; those withdrawn are kept to be read.
create table settlement (
  id uuid primary key,
  garage_id uuid not null,
  job_id uuid not null,
  turn integer not null check (turn between 1 and 40),
  settled_at timestamptz not null,
  letter text not null check (letter ~ '^[0A-L]$'),
  label_id uuid,
  because text not null check (length(because) <= 500),
  record jsonb not null check (jsonb_typeof(record) = 'object' and octet_length(record::text) < 80000),
  withdrawn_at timestamptz,
  unique (job_id, turn),
  foreign key (job_id, garage_id) references job (id, garage_id) on delete cascade
);
create unique index settlement_stands on settlement (job_id) where withdrawn_at is null;
create index settlement_by_job on settlement (job_id, garage_id);
create index settlement_by_garage on settlement (garage_id);

-- What goes with a battery and what its owner says that it costs, by the letter and what it is.
create table bill (
  job_id uuid primary key,
  garage_id uuid not null,
  version bigint not null,
  costs jsonb not null check (jsonb_typeof(costs) = 'object' and octet_length(costs::text) < 8000),
  foreign key (job_id, garage_id) references job (id, garage_id) on delete cascade
);
create index bill_by_job on bill (job_id, garage_id);
create index bill_by_garage on bill (garage_id);

do $$ declare each text; begin
  foreach each in array array['settlement', 'bill'] loop
    execute format('create constraint trigger %I after insert or update or delete on %I'
      ' deferrable initially deferred for each row execute function raise_revision()', each || '_changed', each);
  end loop;
end $$;
