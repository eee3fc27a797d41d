-- Batteries anybody can look through; they belong to no garage and are only read. What ships is invented and
-- put in its place at start, edition by edition. A label taken from it becomes the garage's own.
create table catalogue (
  id uuid primary key,
  edition integer not null,
  name text not null check (length(name) between 1 and 80),
  words text not null,
  chemistry text not null,
  case_code text,
  positive_side text not null check (positive_side in ('LEFT', 'RIGHT')),
  nominal_v integer not null check (nominal_v in (6, 12, 24)),
  terminal text,
  rating_a double precision not null check (rating_a between 1 and 3000),
  rating_test text not null,
  capacity_ah double precision check (capacity_ah between 0.5 and 1000),
  capacity_h double precision not null check (capacity_h between 0.5 and 200),
  reserve_min double precision check (reserve_min between 1 and 2000),
  mass_kg double precision check (mass_kg between 0.1 and 200),
  length_mm double precision not null check (length_mm between 20 and 1000),
  width_mm double precision not null check (width_mm between 20 and 1000),
  height_mm double precision not null check (height_mm between 20 and 1000),
  price numeric(10, 2) check (price > 0 and price <= 100000),
  currency text check (currency ~ '^[A-Z]{3}$'),
  protected boolean,
  heated boolean not null,
  cold_test boolean not null,
  demo boolean not null
);
-- What goes into a tray is found by its sides.
create index catalogue_by_size on catalogue (nominal_v, length_mm, width_mm, height_mm);
