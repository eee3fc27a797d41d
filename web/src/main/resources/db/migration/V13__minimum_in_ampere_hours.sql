-- The least ampere-hours at the 20-hour rate that the machine's maker asks; null is not asked.
alter table need add column minimum_capacity_ah double precision
  check (minimum_capacity_ah between 0.5 and 1000);
