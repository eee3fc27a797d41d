-- What kind of charger it is, and removing one can be taken back.
alter table charger
  add column kind text not null default 'CHARGER' check (kind in ('CHARGER', 'MAINTAINER', 'SOLAR')),
  add column removed_at timestamptz,
  alter column top_v set not null,
  drop column modes;
