-- migrate:up
-- Why the part before came off, and in what state its mate across the axle, or the face it ran on, was.
alter table fitted_parts
  add column old_why text check (old_why ~ '^[a-z_]{3,20}$'),
  add column old_mate text check (old_mate ~ '^[a-z_]{3,20}$');

-- migrate:down
alter table fitted_parts drop column old_mate, drop column old_why;
