-- Words of one or two letters are too short for trigrams: the index that is read anyway holds the words as well.
drop index catalogue_by_amps;
create index catalogue_by_amps on catalogue (nominal_v, rating_a desc, id)
  include (length_mm, width_mm, height_mm, chemistry, garage_id, mass_kg, price, capacity_ah, words);
