-- A battery is a thing one can hold: its readings and recordings are its own and go on when a job ends.
-- What is printed on a label, and what a seller asks for it, stand apart from it.

-- facts holds whatever the label or its sheet says, any number of ratings and hour rates included, each
-- with where it stands and since when that is known.
create table label (
  id uuid primary key,
  garage_id uuid not null references garage on delete cascade,
  version bigint not null,
  name text not null check (length(name) between 1 and 80),
  chemistry text not null,
  positive_side text not null check (positive_side in ('LEFT', 'RIGHT')),
  facts jsonb not null check (jsonb_typeof(facts) = 'array' and octet_length(facts::text) < 8000),
  demo boolean not null,
  changed_at timestamptz not null,
  unique (id, garage_id)
);
create index label_by_garage on label (garage_id);

create table offer (
  id uuid primary key,
  garage_id uuid not null,
  label_id uuid not null,
  price numeric(10, 2) not null check (price > 0 and price <= 100000),
  currency text not null check (currency ~ '^[A-Z]{3}$'),
  seller text check (length(seller) between 1 and 80),
  made_at timestamptz not null,
  foreign key (label_id, garage_id) references label (id, garage_id) on delete cascade
);
create index offer_by_label on offer (label_id, made_at);

alter table battery rename to described;
alter index battery_letter rename to described_letter;
alter index battery_pkey rename to described_pkey;

insert into label
select d.id, d.garage_id, d.version, d.name, d.chemistry, d.positive_side,
  (select jsonb_agg(jsonb_strip_nulls(f.fact) order by f.place) from (values
    (1, jsonb_build_object('fact', 'RATING', 'standard', d.cranking_test, 'value', d.cranking_a)),
    (2, jsonb_build_object('fact', 'RESERVE', 'value', d.reserve_min)),
    (3, jsonb_build_object('fact', 'CAPACITY', 'value', d.capacity_ah, 'hours', d.capacity_hours)),
    (4, jsonb_build_object('fact', 'MASS', 'value', d.mass_kg)),
    (5, jsonb_build_object('fact', 'LENGTH', 'value', d.length_mm)),
    (6, jsonb_build_object('fact', 'WIDTH', 'value', d.width_mm)),
    (7, jsonb_build_object('fact', 'HEIGHT', 'value', d.height_mm)),
    (8, jsonb_build_object('fact', 'VOLTS', 'value', d.nominal_v)),
    (9, jsonb_build_object('fact', 'CONTINUOUS', 'value', d.continuous_a)),
    (10, jsonb_build_object('fact', 'CRANKING_LIMIT', 'value', d.cranking_limit_a)),
    (11, jsonb_build_object('fact', 'SHORT_LIMIT', 'value', d.short_limit_a)),
    (12, jsonb_build_object('fact', 'OPENS_BELOW', 'value', d.opens_below_v)),
    (13, jsonb_build_object('fact', 'START_RESERVE', 'value', d.reserve_percent)),
    (14, jsonb_build_object('fact', 'HEATED', 'value', d.heated::integer)),
    (15, jsonb_build_object('fact', 'COLD_TEST', 'value', d.cold_test_stated::integer))) as f (place, fact)
    where f.fact -> 'value' <> 'null' or f.fact -> 'hours' <> 'null')
  || coalesce(
    (select jsonb_agg(jsonb_build_object('fact', 'DISCHARGE', 'text', btrim(r)))
      from regexp_split_to_table(d.discharges, '[;\n\r]+') r where btrim(r) <> ''),
    '[]'),
  d.demo, j.opened_at
from described d join job j on j.id = d.job_id;

insert into offer
select gen_random_uuid(), d.garage_id, d.id, d.price, coalesce(n.currency, 'EUR'), null, j.opened_at
from described d join job j on j.id = d.job_id left join need n on n.job_id = d.job_id
where d.price > 0;

-- It is in a machine, or on the shelf where there is none; what it is is not said without a label.
create table battery (
  id uuid primary key,
  garage_id uuid not null references garage on delete cascade,
  version bigint not null,
  machine_id uuid,
  position text not null check (position in ('START', 'HOUSE', 'RESERVE')),
  label_id uuid,
  label_removed_at timestamptz,
  fitted_on date,
  removed_on date,
  bought_on date,
  warranty_months integer check (warranty_months between 0 and 240),
  unique (id, garage_id),
  foreign key (machine_id, garage_id) references machine (id, garage_id) on delete cascade,
  foreign key (label_id, garage_id) references label (id, garage_id) on delete set null (label_id),
  check (removed_on is null or fitted_on is null or removed_on >= fitted_on)
);
-- In a place there is one at a time.
create unique index battery_in_place on battery (machine_id, position)
  where removed_on is null and machine_id is not null;

-- One for each machine that has had today's battery described, read or recorded; of two descriptions
-- the newest that stands.
insert into battery (id, garage_id, version, machine_id, position, label_id, label_removed_at, fitted_on)
select gen_random_uuid(), m.garage_id, 0, m.id, 'START', t.id, t.removed_at,
  (t.opened_at at time zone 'UTC')::date - round(t.age_years * 365.25)::integer
from machine m left join lateral (
  select d.id, d.removed_at, d.age_years, j.opened_at from described d join job j on j.id = d.job_id
  where j.machine_id = m.id and d.letter = '0'
  order by d.removed_at is not null, j.opened_at desc, d.removed_at desc limit 1) t on true
where t.id is not null
  or exists (select 1 from job j join reading r on r.job_id = j.id where j.machine_id = m.id)
  or exists (select 1 from job j join recording r on r.job_id = j.id where j.machine_id = m.id);

-- The battery a job is about.
alter table job add column battery_id uuid;
alter table job add foreign key (battery_id, garage_id)
  references battery (id, garage_id) on delete set null (battery_id);
update job j set battery_id = b.id from battery b where b.machine_id = j.machine_id;

-- What could be bought: one battery or several with their parts to play, under a letter.
create table candidate (
  id uuid primary key,
  garage_id uuid not null,
  job_id uuid not null,
  letter text not null check (letter ~ '^[A-H]$'),
  removed_at timestamptz,
  unique (id, garage_id),
  foreign key (job_id, garage_id) references job (id, garage_id) on delete cascade
);
create unique index candidate_letter on candidate (job_id, letter) where removed_at is null;
create table candidate_battery (
  candidate_id uuid not null,
  garage_id uuid not null,
  place integer not null check (place between 0 and 7),
  label_id uuid not null,
  role text not null check (role in ('START', 'HOUSE', 'RESERVE')),
  pieces integer not null check (pieces between 1 and 8),
  primary key (candidate_id, place),
  foreign key (candidate_id, garage_id) references candidate (id, garage_id) on delete cascade,
  foreign key (label_id, garage_id) references label (id, garage_id) on delete cascade
);
create index candidate_battery_by_label on candidate_battery (label_id);
insert into candidate
select d.id, d.garage_id, d.job_id, d.letter, d.removed_at from described d where d.letter <> '0';
insert into candidate_battery
select d.id, d.garage_id, 0, d.id, 'START', 1 from described d where d.letter <> '0';

-- Readings and recordings belong to the battery; a job refers to the readings it rests on. A kind may be
-- read many times: the newest that stands counts.
alter table reading add column battery_id uuid, add unique (id, garage_id);
update reading r set battery_id = j.battery_id from job j where j.id = r.job_id;
create table job_reading (
  job_id uuid not null,
  reading_id uuid not null,
  garage_id uuid not null,
  primary key (job_id, reading_id),
  foreign key (job_id, garage_id) references job (id, garage_id) on delete cascade,
  foreign key (reading_id, garage_id) references reading (id, garage_id) on delete cascade
);
create index job_reading_by_reading on job_reading (reading_id);
insert into job_reading select r.job_id, r.id, r.garage_id from reading r;
drop index reading_of_kind;
drop index reading_by_job;
alter table reading
  alter column battery_id set not null,
  drop column job_id,
  add foreign key (battery_id, garage_id) references battery (id, garage_id) on delete cascade;
create index reading_by_battery on reading (battery_id, taken_at);

-- A recorded start is of a machine, and of its own battery unless another stood in for it.
alter table recording add column machine_id uuid, add column battery_id uuid;
update recording r set machine_id = j.machine_id, battery_id = j.battery_id from job j where j.id = r.job_id;
drop index recording_by_job;
alter table recording
  alter column machine_id set not null,
  drop column job_id,
  add foreign key (machine_id, garage_id) references machine (id, garage_id) on delete cascade,
  add foreign key (battery_id, garage_id) references battery (id, garage_id) on delete set null (battery_id);
create index recording_by_machine on recording (machine_id, taken_at);

drop table described;
