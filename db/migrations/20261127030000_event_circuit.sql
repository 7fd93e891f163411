-- migrate:up
-- What a day on track is like: the kind of its circuit and the air expected, on which the heat of a preparation rests.
alter table car_events
  add circuit text check (circuit in ('twisty', 'mixed', 'fast')),
  add air_c numeric(4, 1) check (air_c between -30 and 60);

-- migrate:down
alter table car_events drop circuit, drop air_c;
