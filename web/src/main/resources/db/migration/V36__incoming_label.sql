-- By which label a battery comes in: the battery itself gets a label of its own when it is handed over, so that
-- what is said of it later does not change the job that chose it.
alter table incoming add column label_id uuid;
alter table incoming add foreign key (label_id, garage_id) references label (id, garage_id) on delete set null (label_id);
create index incoming_by_label on incoming (label_id, garage_id);
-- Last: rows that are changed have triggers pending, and no table is altered while they have.
update incoming i set label_id = b.label_id from battery b where b.id = i.battery_id;
