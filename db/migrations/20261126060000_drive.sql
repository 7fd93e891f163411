-- migrate:up
-- What drives the car, and what of its brakes moves by itself: the work begins by putting that to sleep.
alter table cars
  add column drive text check (drive in ('combustion', 'hybrid', 'electric')),
  add column electric_parking_brake boolean,
  add column brake_by_wire boolean;

-- migrate:down
alter table cars drop column drive, drop column electric_parking_brake, drop column brake_by_wire;
