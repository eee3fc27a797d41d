-- What is bought once with a candidate of several batteries: isolator, cables, box.
alter table candidate add column extras jsonb not null default '[]'
  check (jsonb_typeof(extras) = 'array' and octet_length(extras::text) < 4000);
