-- migrate:up
-- A product's own boiling points and its colour stand with its lot.
alter table shelf
  add column dry_k double precision check (dry_k between 383 and 680),
  add column wet_k double precision check (wet_k between 383 and 680),
  add column colour text not null default '' check (length(colour) <= 40),
  add check ((dry_k is null) = (wet_k is null) and (dry_k is null or wet_k < dry_k)),
  add check (kind = 'fluid' or (dry_k is null and colour = ''));

-- What a car was filled with. The newest that was not dropped is what is in it.
create table fills (
  id uuid primary key,
  seq bigint generated always as identity unique,
  car_id uuid not null references cars,
  job_id uuid references jobs,
  filled_on date not null,
  product text not null check (length(product) between 1 and 120),
  batch text not null default '' check (length(batch) <= 60),
  fluid_class text not null check (fluid_class in ('DOT3', 'DOT4', 'DOT5.1', 'DOT5', 'ISO6', 'ISO7')),
  dry_k double precision check (dry_k between 383 and 680),
  wet_k double precision check (wet_k between 383 and 680),
  colour text not null default '' check (length(colour) <= 40),
  odometer_m double precision check (odometer_m between 0 and 3e9),
  lot_id uuid references shelf,
  lot_opened_on date,
  recorded_at timestamptz not null,
  dropped_at timestamptz,
  version integer not null default 1,
  check ((dry_k is null) = (wet_k is null) and (dry_k is null or wet_k < dry_k))
);
create index fills_of_car on fills (car_id, filled_on desc, seq desc) where dropped_at is null;
create unique index fills_of_job on fills (job_id) where dropped_at is null;

-- What the odometer showed, on the day of a job and of an event.
alter table jobs add column odometer_m double precision check (odometer_m between 0 and 3e9);
alter table car_events add column odometer_m double precision check (odometer_m between 0 and 3e9);

-- What each car's odometer showed, and when.
create view odometers as
  select car_id, id as job_id, odometer_m, (opened_at at time zone 'UTC')::date as on_day
    from jobs where odometer_m is not null
  union all
  select car_id, job_id, odometer_m, filled_on from fills where odometer_m is not null and dropped_at is null
  union all
  select car_id, null, odometer_m, on_date from car_events where odometer_m is not null and dropped_at is null;

alter table shop drop constraint shop_fluid_school_check;
alter table shop add constraint shop_fluid_school_check
  check (fluid_school in ('each_event', 'each_season', 'two_years', 'three_years', 'months_or_distance'));

-- migrate:down
drop view odometers;
update shop set fluid_school = 'two_years' where fluid_school = 'months_or_distance';
alter table shop drop constraint shop_fluid_school_check;
alter table shop add constraint shop_fluid_school_check
  check (fluid_school in ('each_event', 'each_season', 'two_years', 'three_years'));
alter table car_events drop column odometer_m;
alter table jobs drop column odometer_m;
drop table fills;
alter table shelf drop column colour, drop column wet_k, drop column dry_k;
