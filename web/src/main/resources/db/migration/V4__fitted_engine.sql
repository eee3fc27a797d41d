-- What a recorded start says of a machine's own engine, as factors on the figures of its class, and what
-- it was fitted from. It is made for the engine as it was described then; in_use is the owner's switch.
create table fitted_engine (
  machine_id uuid primary key,
  owner_id uuid not null,
  version bigint not null,
  made_at timestamptz not null,
  in_use boolean not null,
  drag double precision not null check (drag between 0.2 and 5),
  counter_volts double precision not null check (counter_volts between 0.2 and 5),
  spread_left double precision not null check (spread_left between 0.05 and 1),
  rpm double precision not null,
  rpm_residual double precision not null,
  current_a double precision not null,
  current_recorded boolean not null,
  temperature_c double precision not null check (temperature_c between -40 and 60),
  charge double precision not null check (charge between 0 and 1),
  charge_origin text not null check (charge_origin in ('TYPED', 'DERIVED', 'ASSUMED')),
  battery_name text not null check (length(battery_name) <= 100),
  recording_name text not null check (length(recording_name) <= 60),
  engine_class text not null,
  displacement_l double precision not null,
  cylinders integer not null,
  foreign key (machine_id, owner_id) references machine (id, owner_id) on delete cascade
);
