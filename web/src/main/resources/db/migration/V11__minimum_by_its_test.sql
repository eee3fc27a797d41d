-- The test behind the maker's minimum, by its id; null is cold cranking amps.
alter table need add column minimum_test text check (length(minimum_test) between 1 and 20);
