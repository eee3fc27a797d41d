-- What the application only reads; its role is there where ./fermix made the database.
do $$ begin
  if exists (select from pg_roles where rolname = 'fermix_app') then
    revoke insert, update, delete on flyway_schema_history, instance, lay_up_place, battery_place
      from fermix_app;
  end if;
end $$;
