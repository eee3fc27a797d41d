-- Beside what ships, a garage has entries of its own: from its line-ups, and from files. Those without a garage are
-- everybody's. Words are looked for anywhere in a name, so trigrams find them.
create extension if not exists pg_trgm;
alter table catalogue
  add column garage_id uuid references garage on delete cascade,
  add column source text check (length(source) between 1 and 160),
  add column added_at timestamptz,
  add column facts jsonb check (jsonb_typeof(facts) = 'array' and octet_length(facts::text) < 100000),
  add check ((garage_id is null) = (source is null) and (garage_id is null) = (added_at is null));
create index catalogue_by_garage on catalogue (garage_id);
create index catalogue_by_words on catalogue using gin (words gin_trgm_ops);
-- What makes the most amps among those that may fit is judged first; the search reads this index alone.
create index catalogue_by_amps on catalogue (nominal_v, rating_a desc, id)
  include (length_mm, width_mm, height_mm, chemistry, garage_id, mass_kg, price, capacity_ah);
drop index catalogue_by_size;

-- A file that was brought, while its columns are being told apart; one at a time, for a day.
create table catalogue_import (
  garage_id uuid primary key references garage on delete cascade,
  name text not null check (length(name) between 1 and 160),
  content text not null check (octet_length(content) <= 16000000),
  made_at timestamptz not null
);
create index catalogue_import_by_age on catalogue_import (made_at);
