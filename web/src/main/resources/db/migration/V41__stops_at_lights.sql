-- Whether the engine stops at lights and starts again by itself, how often, and what it draws meanwhile.
alter table need
  add column stops_at_lights boolean,
  add column restarts_a_day double precision check (restarts_a_day between 0 and 500),
  add column stopped_a double precision check (stopped_a between 0 and 200);
