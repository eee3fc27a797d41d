-- What charges the battery while the engine runs, where that is not as usual for its kind.
alter table need add column charging_source text check (charging_source in ('ALTERNATOR', 'STATOR', 'DYNAMO'));
