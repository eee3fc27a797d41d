-- What a document covers and whose word it is; several rows of one document are its revisions. Its items are
-- kept in its own words and read when they are needed. The table had no page and no rows.
alter table approval
  add column covers text not null check (length(covers) between 1 and 240),
  add column serials text check (length(serials) between 1 and 120),
  add column dated date,
  add column issuer text not null
    check (issuer in ('ENGINE_MAKER', 'MACHINE_MAKER', 'AUTHORITY', 'BATTERY_SELLER', 'INSURER')),
  add column scope text not null check (scope in ('NOT_LEAD', 'ANY')),
  add column exclusive boolean not null,
  add column made_at timestamptz not null,
  add column removed_at timestamptz,
  add check (verified_on >= dated),
  drop constraint approval_document_check,
  drop constraint approval_revision_check,
  drop constraint approval_region_check,
  add check (length(document) between 1 and 240),
  add check (length(revision) between 1 and 80),
  add check (length(region) between 1 and 120),
  drop constraint approval_requirements_check,
  add check (jsonb_typeof(requirements) = 'array' and octet_length(requirements::text) < 30000),
  add unique (id, garage_id);

-- A label now keeps the lines of its data sheet and what was answered when somebody was asked.
alter table label drop constraint label_facts_check,
  add check (jsonb_typeof(facts) = 'array' and octet_length(facts::text) < 100000);
