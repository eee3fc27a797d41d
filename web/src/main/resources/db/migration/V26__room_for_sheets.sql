-- Sixty lines of a data sheet and as many answers, each in signs of up to four bytes.
alter table label drop constraint label_facts_check,
  add check (jsonb_typeof(facts) = 'array' and octet_length(facts::text) < 200000);
alter table catalogue drop constraint catalogue_facts_check,
  add check (jsonb_typeof(facts) = 'array' and octet_length(facts::text) < 200000);
