-- migrate:up
-- Photographs of a car: of a corner as it was found, of a point of its own sheet, of the car. Kept here, so that a backup
-- has them too.
create table photos (
  id uuid primary key,
  seq bigint generated always as identity unique,
  car_id uuid not null references cars,
  job_id uuid references jobs,
  place text not null default '' check (place in ('', 'FL', 'FR', 'RL', 'RR')),
  note text check (note ~ '^[a-z]{3,20}$'),
  caption text not null default '' check (length(caption) <= 200),
  jpeg bytea not null check (length(jpeg) between 100 and 800000),
  taken_at timestamptz not null,
  dropped_at timestamptz,
  version integer not null default 1
);
alter table photos alter column jpeg set storage external;
create index photos_of_car on photos (car_id, seq desc) where dropped_at is null;

-- migrate:down
drop table photos;
