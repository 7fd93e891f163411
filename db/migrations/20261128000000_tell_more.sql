-- migrate:up
-- What is written of a car is told to whoever looks at the shop, and to the open jobs that stand on that car; of the shop's
-- own ways, to everybody.
create function tell_car() returns trigger language plpgsql as $$
declare
  car uuid := (to_jsonb(new) ->> tg_argv[0])::uuid;
begin
  perform pg_notify('bavrin_jobs', id::text) from jobs where car_id = car and closed_at is null;
  perform pg_notify('bavrin_jobs', 'shop');
  return null;
end $$;

create trigger cars_tell after insert or update on cars for each row execute function tell_car('id');
create trigger fills_tell after insert or update on fills for each row execute function tell_car('car_id');
create trigger car_events_tell after insert or update on car_events for each row execute function tell_car('car_id');
create trigger fitted_parts_tell after insert or update on fitted_parts for each row execute function tell_car('car_id');
create trigger track_setups_tell after insert or update on track_setups for each row execute function tell_car('car_id');

create function tell_shop() returns trigger language plpgsql as $$
begin
  perform pg_notify('bavrin_jobs', tg_argv[0]);
  return null;
end $$;

create trigger follow_ups_tell after insert or update on follow_ups for each statement execute function tell_shop('shop');
create trigger shelf_tell after insert or update on shelf for each statement execute function tell_shop('shop');
-- Something may have been missed: every page looks.
create trigger shop_tell after insert or update on shop for each statement execute function tell_shop('');

-- migrate:down
drop trigger shop_tell on shop;
drop trigger shelf_tell on shelf;
drop trigger follow_ups_tell on follow_ups;
drop function tell_shop();
drop trigger track_setups_tell on track_setups;
drop trigger fitted_parts_tell on fitted_parts;
drop trigger car_events_tell on car_events;
drop trigger fills_tell on fills;
drop trigger cars_tell on cars;
drop function tell_car();
