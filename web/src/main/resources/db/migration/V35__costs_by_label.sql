-- What goes with a battery costs what it does for that battery, whatever letter it bears: by its label.
create table bill_cost (
  job_id uuid not null,
  garage_id uuid not null,
  label_id uuid not null,
  kind text not null check (kind ~ '^[A-Z_]{3,30}$'),
  amount numeric(12, 4) not null check (amount between 0 and 100000),
  primary key (job_id, label_id, kind),
  foreign key (job_id, garage_id) references job (id, garage_id) on delete cascade,
  foreign key (label_id, garage_id) references label (id, garage_id) on delete cascade
);
create index bill_cost_by_job on bill_cost (job_id, garage_id);
create index bill_cost_by_label on bill_cost (label_id, garage_id);
create index bill_cost_by_garage on bill_cost (garage_id);
create constraint trigger bill_cost_changed after insert or update or delete on bill_cost
  deferrable initially deferred for each row execute function raise_revision();
insert into bill_cost
select b.job_id, b.garage_id, p.label_id, split_part(c.key, '.', 2), c.value::numeric
from bill b cross join lateral jsonb_each_text(b.costs) c
join candidate a on a.job_id = b.job_id and a.letter = split_part(c.key, '.', 1) and a.removed_at is null
join candidate_battery p on p.candidate_id = a.id and p.place = 0;
alter table bill drop column costs;
