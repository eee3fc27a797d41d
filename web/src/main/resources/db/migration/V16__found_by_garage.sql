-- What is copied, read and thrown away by the garage is found by it, and what points to a row that goes is
-- found without reading a whole table, however many garages there are.
create index engine_by_garage on engine (garage_id);
create index load_by_garage on load (garage_id);
create index approval_by_garage on approval (garage_id);
create index offer_by_garage on offer (garage_id);
create index battery_by_garage on battery (garage_id);
create index job_by_garage on job (garage_id);
create index need_by_garage on need (garage_id);
create index candidate_by_garage on candidate (garage_id);
create index candidate_battery_by_garage on candidate_battery (garage_id);
create index reading_by_garage on reading (garage_id);
create index job_reading_by_garage on job_reading (garage_id);
create index recording_by_garage on recording (garage_id);
create index fitted_engine_by_garage on fitted_engine (garage_id);
create index stand_in_by_garage on stand_in (garage_id);
create index battery_by_machine on battery (machine_id);
create index battery_by_label on battery (label_id);
create index job_by_battery on job (battery_id);
create index recording_by_battery on recording (battery_id);
create index candidate_by_job on candidate (job_id);
