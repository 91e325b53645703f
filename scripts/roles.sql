-- As whom the app works on the database (src/server/db/roles.ts). They are the server's, not a database's: two that make them at
-- once must not trip over each other.
do $$
declare wanted text;
begin
  foreach wanted in array array['vicinor_app', 'vicinor_sign_in'] loop
    begin
      if not exists (select from pg_roles where rolname = wanted) then
        execute format('create role %I nologin', wanted);
      end if;
    exception when duplicate_object or unique_violation then null;
    end;
    if not pg_has_role(current_user, wanted, 'member') then
      execute format('grant %I to current_user', wanted);
    end if;
  end loop;
end $$;
