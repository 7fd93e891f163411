-- migrate:up
-- How a car goes to a track against knockback: springs by axle, a tap before the zone.
create table track_setups (
  id uuid primary key,
  seq bigint generated always as identity unique,
  car_id uuid not null references cars,
  track text not null check (length(track) between 1 and 120),
  kind text not null check (kind in ('rough', 'mixed', 'smooth')),
  front_n double precision check (front_n between 1 and 500),
  rear_n double precision check (rear_n between 1 and 500),
  tap boolean not null,
  note text not null default '' check (length(note) <= 400),
  recorded_at timestamptz not null,
  dropped_at timestamptz,
  version integer not null default 1
);
create index track_setups_of_car on track_setups (car_id, seq desc) where dropped_at is null;

-- migrate:down
drop table track_setups;
