-- What was called an owner is the garage: how times, units and prices are shown in it, and when it was
-- last opened. A null means "not chosen": the browser's own guess is used then.
alter table owner rename to garage;
alter index owner_one_demo rename to garage_one_demo;
alter table garage
  add column zone text check (length(zone) between 1 and 60),
  add column units text check (units in ('METRIC', 'US')),
  add column currency text check (currency ~ '^[A-Z]{3}$'),
  add column seen_at timestamptz;
update garage set seen_at = created_at;
alter table garage alter column seen_at set not null;

alter table machine rename column owner_id to garage_id;
alter index machine_by_owner rename to machine_by_garage;
alter table job rename column owner_id to garage_id;
alter table need rename column owner_id to garage_id;
alter table battery rename column owner_id to garage_id;
alter table reading rename column owner_id to garage_id;
alter table recording rename column owner_id to garage_id;
alter table fitted_engine rename column owner_id to garage_id;
alter table stand_in rename column owner_id to garage_id;
alter table practice rename column owner_id to garage_id;
alter index practice_by_owner rename to practice_by_garage;
