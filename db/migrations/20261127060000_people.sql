-- migrate:up

-- Who may come in, on which devices, and who wrote what. Passwords and PINs are kept as Argon2id hashes, in a table of their own so that a
-- backup can leave them out; tokens as SHA-256 of what only the browser holds.
create table people (
  id uuid primary key,
  name text not null check (length(name) between 1 and 80),
  role text not null check (role in ('owner', 'technician', 'driver', 'reader')),
  left_at timestamptz,
  created_at timestamptz not null default now(),
  version integer not null default 1
);
-- Two people of one name could not be told apart at the trolley; one who left gives the name free.
create unique index people_by_name on people (lower(name)) where left_at is null;

create table person_secrets (
  person_id uuid primary key references people,
  password_hash text,
  pin_hash text
);

-- A driver's own cars.
create table people_cars (
  person_id uuid not null references people,
  car_id uuid not null references cars,
  primary key (person_id, car_id)
);
create index people_cars_by_car on people_cars (car_id);

create table devices (
  id uuid primary key,
  name text not null check (length(name) between 1 and 80),
  token_hash bytea not null unique,
  enrolled_by uuid references people,
  enrolled_at timestamptz not null default now(),
  seen_at timestamptz not null default now(),
  ended_at timestamptz
);

create table sessions (
  id uuid primary key,
  token_hash bytea not null unique,
  -- The token before this one: good until the new one has been used.
  before_hash bytea unique,
  person_id uuid not null references people,
  device_id uuid references devices,
  how text not null check (how in ('password', 'pin', 'demo', 'first')),
  started_at timestamptz not null default now(),
  rotated_at timestamptz not null default now(),
  seen_at timestamptz not null default now(),
  ended_at timestamptz
);
create index sessions_of_person on sessions (person_id) where ended_at is null;
create index sessions_of_device on sessions (device_id) where ended_at is null;

-- The code in the address under which the first owner of a shop is made; none once there is somebody.
create table first_codes (
  single boolean primary key default true check (single),
  first_code bytea not null
);

-- Tries of secrets and of what costs much, counted for all servers together.
create table rate_limits (
  key varchar(255) primary key,
  points integer not null default 0,
  expire bigint
);

alter table shop
  add column signed_in_hours integer not null default 336 check (signed_in_hours between 1 and 8760);

-- Who is writing, as the transaction says it; nobody where it says nothing.
create function acting_person() returns uuid language sql stable as $$
  select nullif(current_setting('bavrin.actor', true), '')::uuid
$$;
create function acting_device() returns uuid language sql stable as $$
  select nullif(current_setting('bavrin.device', true), '')::uuid
$$;

alter table findings add column by_person uuid references people default acting_person();
alter table readings add column by_person uuid references people default acting_person();
alter table verdicts add column by_person uuid references people default acting_person();
alter table works add column by_person uuid references people default acting_person();
alter table ticks add column by_person uuid references people default acting_person();
alter table hold_proofs add column by_person uuid references people default acting_person();
alter table proof_drives add column by_person uuid references people default acting_person();
alter table change_trials add column by_person uuid references people default acting_person();
alter table photos add column by_person uuid references people default acting_person();
alter table fills add column by_person uuid references people default acting_person();
alter table jobs
  add column opened_by uuid references people default acting_person(),
  add column closed_by_person uuid references people;

-- What was done to what is not append-only, with the fields it changed; and who came in.
create table audit (
  seq bigint generated always as identity primary key,
  at timestamptz not null default clock_timestamp(),
  person_id uuid references people default acting_person(),
  device_id uuid references devices default acting_device(),
  what text not null check (what ~ '^[a-z_]{2,40}$'),
  how text not null check (how ~ '^[a-z_]{2,40}$'),
  row_id text not null default '',
  car_id uuid,
  job_id uuid,
  changes jsonb not null default '{}'
);
create index audit_at on audit (at desc, seq desc);
create index audit_of_person on audit (person_id, seq desc);
create trigger audit_keep before update or delete on audit for each row execute function keep_as_written();

-- Fields that say nothing to a person, or must not be written twice.
create function audit_changes(was jsonb, now jsonb) returns jsonb language sql immutable as $$
  select coalesce(jsonb_object_agg(key, jsonb_build_array(was -> key, now -> key)), '{}')
  from jsonb_object_keys(now) key
  where was -> key is distinct from now -> key
    and key not in ('version', 'words', 'plan', 'jpeg', 'token_hash', 'typed', 'demo_whole')
$$;

create function note_change() returns trigger language plpgsql as $$
declare
  was jsonb := case when tg_op = 'INSERT' then '{}' else to_jsonb(old) end;
  is_now jsonb := case when tg_op = 'DELETE' then to_jsonb(old) else to_jsonb(new) end;
  changed jsonb := case when tg_op = 'UPDATE' then audit_changes(was, is_now) else '{}' end;
begin
  -- What is read back was noted when it was done.
  if current_setting('bavrin.restoring', true) = 'on' then return null; end if;
  if tg_table_name = 'person_secrets' then
    insert into audit (what, how, row_id) values ('people', 'secret', is_now ->> 'person_id');
    return null;
  end if;
  if tg_op = 'UPDATE' and changed = '{}' then return null; end if;
  insert into audit (what, how, row_id, car_id, job_id, changes) values (
    tg_table_name,
    case tg_op when 'INSERT' then 'added' when 'DELETE' then 'removed' else 'changed' end,
    coalesce(is_now ->> 'id', is_now ->> 'person_id', ''),
    case when tg_table_name = 'cars' then (is_now ->> 'id')::uuid else (is_now ->> 'car_id')::uuid end,
    case when tg_table_name = 'jobs' then (is_now ->> 'id')::uuid else (is_now ->> 'job_id')::uuid end,
    changed
  );
  return null;
end
$$;

-- What is large, or is written once with its author beside it, is only noted when it changes.
create trigger shop_note after insert or update on shop for each row execute function note_change();
create trigger people_note after insert or update on people for each row execute function note_change();
create trigger person_secrets_note after insert or update on person_secrets for each row execute function note_change();
create trigger people_cars_note after insert or delete on people_cars for each row execute function note_change();
create trigger cars_note after insert or update on cars for each row execute function note_change();
create trigger car_axles_note after update on car_axles for each row execute function note_change();
create trigger car_events_note after insert or update on car_events for each row execute function note_change();
create trigger fitted_parts_note after insert or update on fitted_parts for each row execute function note_change();
create trigger fills_note after insert or update on fills for each row execute function note_change();
create trigger track_setups_note after insert or update on track_setups for each row execute function note_change();
create trigger bench_states_note after insert or update on bench_states for each row execute function note_change();
create trigger shelf_note after insert or update on shelf for each row execute function note_change();
create trigger jobs_note after insert or update on jobs for each row execute function note_change();
create trigger works_note after update on works for each row execute function note_change();
create trigger proof_drives_note after insert or update on proof_drives for each row execute function note_change();
create trigger change_trials_note after insert or update on change_trials for each row execute function note_change();
create trigger photos_note after update on photos for each row execute function note_change();
create trigger follow_ups_note after insert or update on follow_ups for each row execute function note_change();
create trigger calendar_feeds_note after insert or update on calendar_feeds for each row execute function note_change();

-- migrate:down
drop trigger calendar_feeds_note on calendar_feeds;
drop trigger follow_ups_note on follow_ups;
drop trigger photos_note on photos;
drop trigger change_trials_note on change_trials;
drop trigger proof_drives_note on proof_drives;
drop trigger works_note on works;
drop trigger jobs_note on jobs;
drop trigger shelf_note on shelf;
drop trigger bench_states_note on bench_states;
drop trigger track_setups_note on track_setups;
drop trigger fills_note on fills;
drop trigger fitted_parts_note on fitted_parts;
drop trigger car_events_note on car_events;
drop trigger car_axles_note on car_axles;
drop trigger cars_note on cars;
drop trigger shop_note on shop;
alter table jobs drop column opened_by, drop column closed_by_person;
alter table fills drop column by_person;
alter table photos drop column by_person;
alter table change_trials drop column by_person;
alter table proof_drives drop column by_person;
alter table hold_proofs drop column by_person;
alter table ticks drop column by_person;
alter table works drop column by_person;
alter table verdicts drop column by_person;
alter table readings drop column by_person;
alter table findings drop column by_person;
alter table shop drop column signed_in_hours;
drop table audit, first_codes, rate_limits, sessions, devices, people_cars, person_secrets, people cascade;
drop function note_change();
drop function audit_changes(jsonb, jsonb);
drop function acting_person();
drop function acting_device();
