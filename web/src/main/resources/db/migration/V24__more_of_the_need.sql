-- The way in and what holds the battery down; the place as gardeners know it; how things are used with the engine off; what
-- draws when nobody has measured; and what the need said before it was last saved, to be taken back.
alter table need
  add column way_in_width_mm double precision check (way_in_width_mm between 30 and 2000),
  add column way_in_height_mm double precision check (way_in_height_mm between 30 and 2000),
  add column hold_down text check (hold_down in ('TOP', 'FOOT', 'STRAP')),
  add column hardiness_zone text check (hardiness_zone ~ '^[0-9]{1,2}[ab]$'),
  add column alarm_v double precision check (alarm_v between 4 and 30),
  add column intensity text check (intensity in ('OCCASIONAL', 'WEEKENDS', 'DAILY')),
  add column days_used double precision check (days_used between 0 and 31),
  add column weeks_away double precision check (weeks_away between 0 and 142),
  add column drains jsonb not null default '[]'
    check (jsonb_typeof(drains) = 'array' and octet_length(drains::text) < 1000),
  add column wake_ups double precision check (wake_ups between 0 and 200),
  add column before jsonb not null default '{}'
    check (jsonb_typeof(before) = 'object' and octet_length(before::text) < 20000);
