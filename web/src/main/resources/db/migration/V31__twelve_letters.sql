-- Twelve can be compared at once.
alter table candidate drop constraint candidate_letter_check;
alter table candidate add constraint candidate_letter_check check (letter ~ '^[A-L]$');
