-- What housekeeping looks for is marked when it comes about, so that it is found by a small index however much is kept.

-- A garage in which there never was a machine or a round of practice.
alter table garage add column untouched boolean not null default true;
update garage g set untouched = not exists (select from machine m where m.garage_id = g.id)
  and not exists (select from practice p where p.garage_id = g.id);
create index garage_untouched on garage (seen_at) where untouched and kind = 'GUEST';
create function garage_is_touched() returns trigger language plpgsql as $$
begin
  update garage set untouched = false where id = new.garage_id and untouched;
  return null;
end $$;
create trigger machine_touches after insert on machine for each row execute function garage_is_touched();
create trigger practice_touches after insert on practice for each row execute function garage_is_touched();

-- A label that no candidate and no battery has, since when.
set constraints all immediate;
alter table label add column loose_since timestamptz default now();
update label l set loose_since = null
  where exists (select from candidate_battery c where c.label_id = l.id)
     or exists (select from battery b where b.label_id = l.id);
update label set loose_since = changed_at where loose_since is not null;
set constraints all immediate;
create index label_loose on label (loose_since) where loose_since is not null;
create function label_is_held() returns trigger language plpgsql as $$
begin
  if tg_op <> 'DELETE' and new.label_id is not null then
    update label set loose_since = null where id = new.label_id and loose_since is not null;
  end if;
  if tg_op <> 'INSERT' and old.label_id is not null then
    update label l set loose_since = now() where l.id = old.label_id and l.loose_since is null
      and not exists (select from candidate_battery c where c.label_id = l.id)
      and not exists (select from battery b where b.label_id = l.id);
  end if;
  return null;
end $$;
create trigger candidate_battery_holds after insert or update of label_id or delete on candidate_battery
  for each row execute function label_is_held();
create trigger battery_holds after insert or update of label_id or delete on battery
  for each row execute function label_is_held();

-- What was removed.
create index machine_removed on machine (removed_at) where removed_at is not null;
create index job_removed on job (removed_at) where removed_at is not null;
create index candidate_removed on candidate (removed_at) where removed_at is not null;
create index charger_removed on charger (removed_at) where removed_at is not null;
create index approval_removed on approval (removed_at) where removed_at is not null;
create index garage_key_ends on garage_key (ends_at) where ends_at is not null;

-- A row points into its own garage only.
alter table recording add unique (id, garage_id);
alter table proof drop constraint proof_recording_id_fkey;
drop index proof_by_recording;
create index proof_by_recording on proof (recording_id, garage_id);
alter table proof add foreign key (recording_id, garage_id) references recording (id, garage_id)
  on delete set null (recording_id);
set constraints all immediate;
update settlement s set label_id = null
  where label_id is not null and not exists
    (select from label l where l.id = s.label_id and l.garage_id = s.garage_id);
set constraints all immediate;
create index settlement_by_label on settlement (label_id, garage_id);
alter table settlement add foreign key (label_id, garage_id) references label (id, garage_id)
  on delete set null (label_id);

-- What was settled says in which shape it is written.
update settlement set record = record || '{"version": 1}';
set constraints all immediate;
alter table settlement add check (jsonb_typeof(record -> 'version') = 'number');

-- Places are rows of the core's tables: a new one is a row there and nothing else. The application's migration adds
-- what is new (KnownPlaces).
create table lay_up_place (id text primary key check (id ~ '^[a-z][a-z-]{1,29}$'));
create table battery_place (id text primary key check (id ~ '^[a-z][a-z-]{1,29}$'));
insert into lay_up_place values ('outdoors'), ('shed'), ('frost-free'), ('indoors');
insert into battery_place values ('bay'), ('cabin'), ('boot'), ('open');
alter table need
  drop constraint need_lay_up_place_check,
  drop constraint need_battery_place_check,
  add foreign key (lay_up_place) references lay_up_place,
  add foreign key (battery_place) references battery_place;
create index need_by_lay_up_place on need (lay_up_place);
create index need_by_battery_place on need (battery_place);
