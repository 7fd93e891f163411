-- migrate:up

-- Where the dial stands, the studs to count by, and the maker's own limits where they are known.
alter table car_axles
  add column studs integer check (studs between 3 and 10),
  add column rotor_radius_m double precision check (rotor_radius_m between 0.05 and 0.3),
  add column hub_radius_m double precision check (hub_radius_m between 0.01 and 0.2),
  add column bearing_span_m double precision check (bearing_span_m between 0.005 and 0.3),
  add column runout_limit_m double precision check (runout_limit_m between 0.000001 and 0.001),
  add column dtv_limit_m double precision check (dtv_limit_m between 0.000001 and 0.001),
  add column hub_limit_m double precision check (hub_limit_m between 0.000001 and 0.001),
  add column play_limit_m double precision check (play_limit_m between 0.000001 and 0.002),
  add column pad_limit_k double precision check (pad_limit_k between 373 and 1273);

alter table shop
  add column length_unit text not null default 'mm' check (length_unit in ('mm', 'in')),
  add column temperature_unit text not null default '°C' check (temperature_unit in ('°C', '°F')),
  add column pressure_unit text not null default 'kPa' check (pressure_unit in ('kPa', 'bar', 'psi'));

-- The shop's own limits, in SI (kelvin for temperatures, a difference of them as it is; a share of water in percent).
create table shop_limits (
  name text primary key check (name ~ '^[a-zA-Z]{3,40}$'),
  value double precision not null
);

-- What was typed, with its unit, beside the exact figure it was turned into.
alter table readings
  add column entered jsonb not null default '{}'
    check (jsonb_typeof(entered) = 'object' and pg_column_size(entered) < 20000);

create index findings_of_job on findings (job_id, seq);
create index readings_of_job on readings (job_id, seq);

-- Days on track, run or planned: wear is counted in sessions.
create table car_events (
  id uuid primary key,
  car_id uuid not null references cars,
  name text not null check (length(name) between 1 and 120),
  on_date date not null,
  sessions double precision not null check (sessions > 0 and sessions <= 100),
  dropped_at timestamptz,
  version integer not null default 1
);
create index car_events_of_car on car_events (car_id, on_date) where dropped_at is null;

-- What the simulated instruments find on a car. Only stand-ins read it; no screen shows it.
create table simulated_conditions (
  car_id uuid primary key references cars,
  condition jsonb not null check (jsonb_typeof(condition) = 'object')
);

-- migrate:down
drop table simulated_conditions, car_events, shop_limits;
drop index readings_of_job, findings_of_job;
alter table readings drop column entered;
alter table shop drop column length_unit, drop column temperature_unit, drop column pressure_unit;
alter table car_axles
  drop column studs, drop column rotor_radius_m, drop column hub_radius_m, drop column bearing_span_m,
  drop column runout_limit_m, drop column dtv_limit_m, drop column hub_limit_m, drop column play_limit_m,
  drop column pad_limit_k;
