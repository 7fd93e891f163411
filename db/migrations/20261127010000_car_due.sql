-- migrate:up
-- What falls due on a car by its wear and its parts' lives, worked out once and kept: the bay asks it of every car.
create table car_due (
  car_id uuid not null references cars on delete cascade,
  key text not null check (length(key) <= 80),
  what text not null check (length(what) <= 120),
  why text not null check (length(why) <= 400),
  due_on date not null,
  wheels text check (wheels in ('front', 'rear')),
  primary key (car_id, key)
);
create index car_due_soonest on car_due (due_on);

-- For which day and by which rules it was worked out: a car that is not here, or not done, is to be worked out anew. What one
-- run found is written only while the row is still that run's.
create table car_due_made (
  car_id uuid primary key references cars on delete cascade,
  run uuid not null,
  done boolean not null default false,
  made_on date not null,
  rules text not null
);

create function car_due_stale() returns trigger language plpgsql as $$
declare
  row jsonb := to_jsonb(coalesce(new, old));
begin
  delete from car_due_made where car_id = coalesce(
    (row ->> 'car_id')::uuid,
    (select car_id from jobs where id = (row ->> 'job_id')::uuid),
    (row ->> 'id')::uuid
  );
  return null;
end $$;

create function all_due_stale() returns trigger language plpgsql as $$
begin
  delete from car_due_made;
  return null;
end $$;

create trigger readings_due after insert on readings for each row
  when (new.kind in ('pads', 'rotor')) execute function car_due_stale();
create trigger car_events_due after insert or update or delete on car_events for each row execute function car_due_stale();
create trigger fitted_parts_due after insert or update or delete on fitted_parts for each row execute function car_due_stale();
create trigger cars_due after update on cars for each row execute function car_due_stale();
create trigger car_axles_due after insert or update on car_axles for each row execute function car_due_stale();
create trigger shop_due after insert or update on shop for each statement execute function all_due_stale();
create trigger shop_limits_due after insert or update or delete on shop_limits for each statement execute function all_due_stale();

-- migrate:down
drop trigger shop_limits_due on shop_limits;
drop trigger shop_due on shop;
drop trigger car_axles_due on car_axles;
drop trigger cars_due on cars;
drop trigger fitted_parts_due on fitted_parts;
drop trigger car_events_due on car_events;
drop trigger readings_due on readings;
drop function all_due_stale();
drop function car_due_stale();
drop table car_due_made, car_due;
