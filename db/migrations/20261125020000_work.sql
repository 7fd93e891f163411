-- migrate:up

-- Work is a job of the procedure library, planned for the car when it is added; 'other' is named by hand.
alter table works drop constraint works_kind_check;
alter table works rename column kind to procedure;
alter table works rename column started_at to added_at;
alter table works
  add constraint works_procedure_check check (procedure ~ '^[a-z_]{3,40}$'),
  add column measured_by jsonb check (measured_by is null or jsonb_typeof(measured_by) = 'object');

-- What a step wrote down by key or scale, its answer, a clock that was started, a trouble that is open.
alter table ticks
  add column record jsonb not null default '{}'
    check (jsonb_typeof(record) = 'object' and pg_column_size(record) < 4000);

alter table shop
  add column strainer_school text not null default 'lift_out' check (strainer_school in ('lift_out', 'leave_in')),
  add column catch_m3 double precision not null default 0.0005 check (catch_m3 between 0.0001 and 0.005),
  add column bed_in_school text not null default 'A' check (bed_in_school in ('A', 'B', 'C', 'maker'));

alter table cars
  add column front_share double precision check (front_share between 0.3 and 0.95),
  add column torques_nm jsonb not null default '{}'
    check (jsonb_typeof(torques_nm) = 'object' and pg_column_size(torques_nm) < 4000);
alter table car_axles
  add column pad_compound text check (pad_compound in ('street', 'fast_road', 'track')),
  add column bed_low_k double precision check (bed_low_k between 313 and 1274),
  add column bed_high_k double precision check (bed_high_k between 313 and 1274 and bed_high_k > bed_low_k),
  add column rotor_mass_kg double precision check (rotor_mass_kg between 0.5 and 40),
  add check ((bed_low_k is null) = (bed_high_k is null));

-- The shelf: lots of one thing, and bottles that were opened, one a row.
create table shelf (
  id uuid primary key,
  kind text not null check (kind ~ '^[a-z_]{3,20}$'),
  what text not null check (length(what) between 1 and 120),
  batch text not null default '' check (length(batch) <= 60),
  quantity integer not null check (quantity between 0 and 1000),
  fluid_class text check (fluid_class in ('DOT3', 'DOT4', 'DOT5.1', 'DOT5', 'ISO6', 'ISO7')),
  size_m3 double precision check (size_m3 between 0.0001 and 0.025),
  opened_at timestamptz,
  remaining_m3 double precision check (remaining_m3 >= 0 and remaining_m3 <= size_m3),
  added_at timestamptz not null,
  dropped_at timestamptz,
  version integer not null default 1,
  check ((kind = 'fluid') = (fluid_class is not null) and (kind = 'fluid') = (size_m3 is not null)),
  check ((opened_at is null) = (remaining_m3 is null)),
  check (opened_at is null or (kind = 'fluid' and quantity <= 1))
);
create index shelf_standing on shelf (kind, added_at) where dropped_at is null and quantity > 0;

-- What a car wears, part by part, since when.
create table fitted_parts (
  id uuid primary key,
  car_id uuid not null references cars,
  place text not null check (place in ('', 'FL', 'FR', 'RL', 'RR', 'front', 'rear')),
  kind text not null check (kind ~ '^[a-z_]{3,20}$'),
  what text not null check (length(what) between 1 and 120),
  batch text not null default '' check (length(batch) <= 60),
  fitted_on date not null,
  removed_on date check (removed_on >= fitted_on),
  job_id uuid references jobs,
  shelf_id uuid references shelf
);
create unique index fitted_now on fitted_parts (car_id, place, kind) where removed_on is null;
create index fitted_of_car on fitted_parts (car_id, fitted_on desc);

-- migrate:down
drop table fitted_parts, shelf;
alter table car_axles drop column pad_compound, drop column bed_low_k, drop column bed_high_k, drop column rotor_mass_kg;
alter table cars drop column front_share, drop column torques_nm;
alter table shop drop column strainer_school, drop column catch_m3, drop column bed_in_school;
alter table ticks drop column record;
alter table works drop column measured_by, drop constraint works_procedure_check;
alter table works rename column procedure to kind;
alter table works rename column added_at to started_at;
update works set kind = case when kind = 'flush' then 'flush' else 'other' end;
alter table works add constraint works_kind_check check (kind in ('flush', 'other'));
