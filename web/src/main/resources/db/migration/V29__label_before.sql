-- What a label said before its last change, so that the change can be undone.
alter table label add column before_change jsonb
  check (jsonb_typeof(before_change) = 'object' and octet_length(before_change::text) < 201000);
