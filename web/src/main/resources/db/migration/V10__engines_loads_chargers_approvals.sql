-- A machine has none, one or several engines, each with what charges its battery; loads that run while
-- they do not; a garage has chargers; a machine may have approvals. A null is not said.
create table engine (
  id uuid primary key,
  garage_id uuid not null,
  machine_id uuid not null,
  position integer not null check (position between 1 and 4),
  engine_class text not null,
  displacement_l double precision check (displacement_l between 0.02 and 20),
  cylinders integer check (cylinders between 1 and 16),
  oil text,
  charging text check (charging in ('ALTERNATOR', 'STATOR', 'DYNAMO', 'NONE')),
  charge_a double precision check (charge_a between 0.1 and 500),
  charge_idle_a double precision check (charge_idle_a between 0 and 500),
  unique (id, garage_id),
  unique (machine_id, position) deferrable initially deferred,
  foreign key (machine_id, garage_id) references machine (id, garage_id) on delete cascade
);

insert into engine (id, garage_id, machine_id, position, engine_class, displacement_l, cylinders, oil)
select gen_random_uuid(), garage_id, id, 1, engine_class, displacement_l, cylinders, oil from machine;

alter table machine
  add column kind text,
  add column basis text check (basis in ('CERTIFIED', 'LIGHT_SPORT', 'EXPERIMENTAL')),
  add column described_at timestamptz;
update machine set
  described_at = created_at,
  kind = case
    when engine_class in ('petrol-car', 'diesel-car') then 'car'
    when engine_class like 'motorcycle-%' then 'motorcycle'
    when engine_class in ('utility', 'snowmobile') then 'powersport'
    when engine_class in ('outboard', 'inboard-petrol', 'inboard-diesel') then 'boat'
    else engine_class end;
alter table machine
  alter column kind set not null,
  alter column described_at set not null,
  drop column engine_class,
  drop column displacement_l,
  drop column cylinders,
  drop column oil;

-- What a recorded start says is said of one engine.
alter table fitted_engine add column engine_id uuid;
update fitted_engine f set engine_id = e.id from engine e where e.machine_id = f.machine_id;
alter table fitted_engine
  drop constraint fitted_engine_pkey,
  drop column machine_id,
  add primary key (engine_id),
  add foreign key (engine_id, garage_id) references engine (id, garage_id) on delete cascade;

create table load (
  id uuid primary key,
  garage_id uuid not null,
  machine_id uuid not null,
  position integer not null check (position between 1 and 40),
  name text not null check (length(name) between 1 and 60),
  law text not null check (law in ('CURRENT', 'RESISTANCE', 'POWER')),
  amps double precision check (amps between 0.001 and 500),
  watts double precision check (watts between 0.01 and 12000),
  hours double precision not null check (hours between 0 and 500),
  least_v double precision check (least_v between 1 and 40),
  unique (machine_id, position) deferrable initially deferred,
  check ((amps is null) <> (watts is null)),
  foreign key (machine_id, garage_id) references machine (id, garage_id) on delete cascade
);

create table charger (
  id uuid primary key,
  garage_id uuid not null references garage on delete cascade,
  version bigint not null,
  name text not null check (length(name) between 1 and 60),
  amps double precision not null check (amps between 0.05 and 500),
  top_v double precision check (top_v between 5 and 35),
  float_v double precision check (float_v between 5 and 35),
  starts_from_v double precision check (starts_from_v between 0 and 30),
  modes jsonb not null check (jsonb_typeof(modes) = 'array' and octet_length(modes::text) < 2000),
  desulfates boolean,
  wakes_protection boolean,
  unique (id, garage_id)
);
create index charger_by_garage on charger (garage_id);

create table approval (
  id uuid primary key,
  garage_id uuid not null,
  machine_id uuid not null,
  version bigint not null,
  document text not null check (length(document) between 1 and 120),
  revision text check (length(revision) between 1 and 40),
  region text check (length(region) between 1 and 60),
  verified_on date,
  requirements jsonb not null
    check (jsonb_typeof(requirements) = 'array' and octet_length(requirements::text) < 8000),
  foreign key (machine_id, garage_id) references machine (id, garage_id) on delete cascade
);
create index approval_by_machine on approval (machine_id);
