-- What the leads end in, how much farther they reach, and whether the battery may lie: a case that does
-- not fit upright may fit turned.
alter table need
  add column lead_terminal text
    check (lead_terminal in ('POST', 'THIN_POST', 'SIDE', 'STUD', 'TAB', 'INSERT')),
  add column lead_spare_mm double precision check (lead_spare_mm between 0 and 2000),
  add column may_lie boolean;
