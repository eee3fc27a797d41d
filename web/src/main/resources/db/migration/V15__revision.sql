-- A number for each garage that rises with every change in it, so that what was worked out of it can be
-- remembered until then. It is raised once a transaction, last of all, when the change is about to count.
create table revision (
  garage_id uuid primary key references garage on delete cascade,
  number bigint not null,
  raised_by xid8 not null
);
insert into revision select id, 1, pg_current_xact_id() from garage;

create function begin_revision() returns trigger language plpgsql as $$
begin
  insert into revision values (new.id, 1, pg_current_xact_id());
  return null;
end $$;
create trigger garage_begins after insert on garage for each row execute function begin_revision();

create function raise_revision() returns trigger language plpgsql as $$
begin
  update revision set number = number + 1, raised_by = pg_current_xact_id()
  where garage_id = coalesce(new.garage_id, old.garage_id) and raised_by <> pg_current_xact_id();
  return null;
end $$;

do $$ declare each text; begin
  foreach each in array array['machine', 'engine', 'load', 'charger', 'approval', 'label', 'offer', 'battery',
      'job', 'need', 'candidate', 'candidate_battery', 'reading', 'job_reading', 'recording', 'fitted_engine',
      'stand_in'] loop
    execute format('create constraint trigger %I after insert or update or delete on %I'
      ' deferrable initially deferred for each row execute function raise_revision()', each || '_changed', each);
  end loop;
end $$;
