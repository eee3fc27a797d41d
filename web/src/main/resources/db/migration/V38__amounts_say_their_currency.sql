-- An amount says what it is in; another tab's choice of currency never relabels one.
alter table bill_cost add column currency text check (currency ~ '^[A-Z]{3}$');
update bill_cost b set currency = coalesce(
  (select n.currency from need n where n.job_id = b.job_id),
  (select g.currency from garage g where g.id = b.garage_id), 'EUR');
set constraints all immediate;
alter table bill_cost alter column currency set not null;
alter table priority add column currency text check (currency ~ '^[A-Z]{3}$');
update priority p set currency = coalesce(
  (select n.currency from need n where n.job_id = p.job_id),
  (select g.currency from garage g where g.id = p.garage_id), 'EUR') where budget is not null;
set constraints all immediate;
alter table priority add check ((budget is null) = (currency is null));
