-- A file that is looked at is kept in pieces, so that it is read as a stream, with what was found in
-- it: nobody's view reads it again. Files that were being looked at are brought again.
delete from catalogue_import;
alter table catalogue_import
  drop column content,
  add column bytes int not null check (bytes between 1 and 8000000),
  add column verdict jsonb not null check (octet_length(verdict::text) <= 200000);
create table catalogue_import_piece (
  garage_id uuid not null references catalogue_import on delete cascade,
  place smallint not null check (place between 0 and 31),
  content bytea not null check (octet_length(content) between 1 and 262144),
  primary key (garage_id, place)
);
