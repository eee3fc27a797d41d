-- A garage has keys: one in each browser it was opened in, and one that was written down. Only hashes are
-- kept. A key that was exchanged still opens for a moment, so that two tabs at once lose nothing.
create table garage_key (
  hash text primary key,
  garage_id uuid not null references garage on delete cascade,
  kind text not null check (kind in ('BROWSER', 'WRITTEN')),
  made_at timestamptz not null,
  ends_at timestamptz
);
create index garage_key_by_garage on garage_key (garage_id);
create unique index garage_key_one_written on garage_key (garage_id) where kind = 'WRITTEN';

-- The demo garage that all visitors shared goes; each has a copy of the source instead.
delete from garage where kind = 'DEMO';
drop index garage_one_demo;
insert into garage_key (hash, garage_id, kind, made_at)
select token_hash, id, 'BROWSER', created_at from garage where token_hash is not null;
alter table garage
  drop column token_hash,
  drop constraint owner_kind_check,
  add check (kind in ('SOURCE', 'DEMO', 'GUEST')),
  add column edition integer check ((edition is not null) = (kind = 'SOURCE'));
-- There is one source.
create unique index garage_one_source on garage (kind) where kind = 'SOURCE';
create index garage_by_age on garage (kind, seen_at);

-- What all instances on this database share: the name in their cookies, and what they sign with.
create table instance (
  one boolean primary key default true check (one),
  name text not null check (name ~ '^[a-z0-9]{8}$'),
  secret bytea not null check (octet_length(secret) = 32)
);
insert into instance (name, secret) values (
  substr(replace(gen_random_uuid()::text, '-', ''), 1, 8),
  sha256(convert_to(gen_random_uuid()::text || gen_random_uuid()::text || gen_random_uuid()::text, 'UTF8')));

-- How often something was done lately, by whom in a form that names nobody.
create table allowance (
  id text primary key,
  state bytea,
  expires_at bigint
);
create index allowance_by_expiry on allowance (expires_at);

-- Names are counted in what a reader sees; one such sign may be two characters or more.
alter table machine drop constraint machine_name_check, add check (length(name) between 1 and 120);
alter table load drop constraint load_name_check, add check (length(name) between 1 and 120);
alter table charger drop constraint charger_name_check, add check (length(name) between 1 and 120);
alter table label drop constraint label_name_check, add check (length(name) between 1 and 160);
alter table offer drop constraint offer_seller_check, add check (length(seller) between 1 and 160);
alter table reading drop constraint reading_instrument_check, add check (length(instrument) <= 120);
alter table recording drop constraint recording_name_check, add check (length(name) between 1 and 120);
alter table fitted_engine
  drop constraint fitted_engine_battery_name_check, add check (length(battery_name) <= 200),
  drop constraint fitted_engine_recording_name_check, add check (length(recording_name) <= 120);
