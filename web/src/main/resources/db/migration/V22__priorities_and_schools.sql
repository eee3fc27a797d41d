-- What an owner weighs and wishes in one job, and the schools followed there; null and absent mean that nothing
-- was said. The schools of a garage stand where a job says nothing.
create table priority (
  job_id uuid primary key,
  garage_id uuid not null,
  version bigint not null,
  weights jsonb not null check (jsonb_typeof(weights) = 'object' and octet_length(weights::text) < 1000),
  budget numeric(10, 2) check (budget > 0 and budget <= 100000),
  wishes jsonb not null check (jsonb_typeof(wishes) = 'object' and octet_length(wishes::text) < 1000),
  schools jsonb not null check (jsonb_typeof(schools) = 'object' and octet_length(schools::text) < 1000),
  foreign key (job_id, garage_id) references job (id, garage_id) on delete cascade
);
create index priority_by_garage on priority (garage_id);

create table garage_schools (
  garage_id uuid primary key references garage on delete cascade,
  version bigint not null,
  schools jsonb not null check (jsonb_typeof(schools) = 'object' and octet_length(schools::text) < 1000)
);

do $$ declare each text; begin
  foreach each in array array['priority', 'garage_schools'] loop
    execute format('create constraint trigger %I after insert or update or delete on %I'
      ' deferrable initially deferred for each row execute function raise_revision()', each || '_changed', each);
  end loop;
end $$;
