-- What runs with the engine off is said where it is asked, with the need, and goes on with it to the next job.
-- The table of loads of a machine had no page and no rows.
drop table load;
alter table need add column loads jsonb not null default '[]'
  check (jsonb_typeof(loads) = 'array' and octet_length(loads::text) < 4000);
