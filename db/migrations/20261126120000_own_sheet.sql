-- migrate:up
-- What a car has of its own at the work: spanner sizes, points to lift it, clips.
alter table cars add column own_sheet jsonb not null default '{}'
  check (jsonb_typeof(own_sheet) = 'object' and pg_column_size(own_sheet) < 8000);

-- migrate:down
alter table cars drop column own_sheet;
