-- What the model asks of a machine's use, climate and lay-up, and what a battery's sheet says beyond its
-- label. A null means "not said": the default is stated where it is used.
alter table machine
  add column system_v integer check (system_v in (6, 12, 24));

alter table need
  add column winter_mean_c double precision check (winter_mean_c between -40 and 40),
  add column summer_mean_c double precision check (summer_mean_c between -30 and 50),
  add column coldest_month integer check (coldest_month between 1 and 12),
  add column lay_up_from_month integer check (lay_up_from_month between 1 and 12),
  add column lay_up_place text check (lay_up_place in ('outdoors', 'shed', 'frost-free', 'indoors')),
  add column stand text check (stand in ('CONNECTED', 'NEGATIVE_OFF', 'MAINTAINED', 'TOPPED_UP', 'RESERVE_ARMED')),
  add column stand_weeks double precision check (stand_weeks between 1 and 52),
  add column battery_place text check (battery_place in ('bay', 'cabin', 'boot', 'open')),
  add column starts_per_day double precision check (starts_per_day between 0 and 100),
  add column trip_min double precision check (trip_min between 0 and 1440),
  add column history_batteries double precision check (history_batteries between 1 and 50),
  add column history_years double precision check (history_years between 0.1 and 60),
  add column keeps_battery boolean;

alter table battery
  add column nominal_v integer check (nominal_v in (6, 12, 24)),
  add column capacity_hours double precision check (capacity_hours between 0.5 and 200),
  add column discharges text check (length(discharges) <= 400),
  add column continuous_a double precision check (continuous_a between 1 and 20000),
  add column cranking_limit_a double precision check (cranking_limit_a between 1 and 20000),
  add column short_limit_a double precision check (short_limit_a between 1 and 20000),
  add column opens_below_v double precision check (opens_below_v between 1 and 30),
  add column reserve_percent double precision check (reserve_percent between 5 and 60),
  add column heated boolean,
  add column cold_test_stated boolean;

-- The figures of the classes of engines were changed, and a fit holds factors on them: fits made before
-- are kept and shown, but set aside until a recording is learnt from again.
alter table fitted_engine
  add column class_figures integer not null default 1;
