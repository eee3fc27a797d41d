-- What a battery beside the starter may be there for, and what an electric motor takes of it.
alter table candidate_battery
  drop constraint candidate_battery_role_check,
  add constraint candidate_battery_role_check
    check (role in ('START', 'HOUSE', 'RESERVE', 'SECOND_ENGINE', 'MOTOR')),
  add column run_amps double precision check (run_amps between 0.1 and 500),
  add column run_hours double precision check (run_hours between 0.1 and 48),
  add check ((role = 'MOTOR') = (run_amps is not null and run_hours is not null));
-- One candidate has one battery, of however many pieces, in each part.
create unique index candidate_battery_by_role on candidate_battery (candidate_id, role);
