-- Who owns what, and the facts of one job. Quantities are SI with the unit in the column's name.
-- Every table carries owner_id, and every reference includes it, so that a row can never belong to
-- another owner than its parent. A null means "the owner has not said": the default is stated
-- where it is used, not stored as if it were known.

create table owner (
  id uuid primary key,
  kind text not null check (kind in ('DEMO', 'GUEST')),
  token_hash text unique,
  created_at timestamptz not null
);
-- There is one demo garage.
create unique index owner_one_demo on owner (kind) where kind = 'DEMO';

create table machine (
  id uuid primary key,
  owner_id uuid not null references owner on delete cascade,
  version bigint not null,
  name text not null check (length(name) between 1 and 60),
  engine_class text not null,
  displacement_l double precision check (displacement_l between 0.02 and 20),
  cylinders integer check (cylinders between 1 and 16),
  oil text,
  created_at timestamptz not null,
  unique (id, owner_id)
);
create index machine_by_owner on machine (owner_id, created_at);

create table job (
  id uuid primary key,
  owner_id uuid not null,
  machine_id uuid not null,
  opened_at timestamptz not null,
  unique (id, owner_id),
  foreign key (machine_id, owner_id) references machine (id, owner_id) on delete cascade
);
create index job_by_machine on job (machine_id, opened_at);

create table need (
  job_id uuid primary key,
  owner_id uuid not null,
  version bigint not null,
  minimum_cca_a double precision check (minimum_cca_a between 1 and 3000),
  minimum_reserve_min double precision check (minimum_reserve_min between 1 and 2000),
  tray_length_mm double precision check (tray_length_mm between 20 and 1000),
  tray_width_mm double precision check (tray_width_mm between 20 and 1000),
  tray_height_mm double precision check (tray_height_mm between 20 and 1000),
  positive_side text check (positive_side in ('LEFT', 'RIGHT')),
  coldest_morning_c double precision check (coldest_morning_c between -40 and 40),
  lay_up_days double precision check (lay_up_days between 0 and 1000),
  drain_ma double precision check (drain_ma between 0 and 10000),
  engine_off_a double precision check (engine_off_a between 0 and 500),
  engine_off_h double precision check (engine_off_h between 0 and 500),
  years_kept double precision check (years_kept between 0.5 and 50),
  regulated_v double precision check (regulated_v between 5 and 35),
  currency text not null check (currency ~ '^[A-Z]{3}$'),
  foreign key (job_id, owner_id) references job (id, owner_id) on delete cascade
);

create table battery (
  id uuid primary key,
  owner_id uuid not null,
  job_id uuid not null,
  version bigint not null,
  letter text not null check (letter ~ '^[0A-H]$'),
  name text not null check (length(name) between 1 and 80),
  chemistry text not null,
  cranking_a double precision not null check (cranking_a between 1 and 3000),
  cranking_test text not null,
  capacity_ah double precision check (capacity_ah between 0.5 and 1000),
  reserve_min double precision check (reserve_min between 1 and 2000),
  mass_kg double precision check (mass_kg between 0.1 and 200),
  length_mm double precision not null check (length_mm between 20 and 1000),
  width_mm double precision not null check (width_mm between 20 and 1000),
  height_mm double precision not null check (height_mm between 20 and 1000),
  positive_side text not null check (positive_side in ('LEFT', 'RIGHT')),
  price numeric(10, 2) check (price between 0 and 100000),
  age_years double precision not null check (age_years between 0 and 30),
  demo boolean not null,
  removed_at timestamptz,
  foreign key (job_id, owner_id) references job (id, owner_id) on delete cascade
);
-- A letter is a battery's identity in its job.
create unique index battery_letter on battery (job_id, letter) where removed_at is null;
