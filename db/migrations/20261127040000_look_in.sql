-- migrate:up
-- A look-in with a pad's figure moves what falls due on a car as the pads themselves do.
drop trigger readings_due on readings;
create trigger readings_due after insert on readings for each row
  when (new.kind in ('pads', 'look-in', 'rotor')) execute function car_due_stale();

-- migrate:down
drop trigger readings_due on readings;
create trigger readings_due after insert on readings for each row
  when (new.kind in ('pads', 'rotor')) execute function car_due_stale();
