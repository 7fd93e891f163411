-- migrate:up
-- What each bleeder of a car took to run clear last time, ml: where the next plan begins.
alter table cars add column clear_at_ml jsonb not null default '{}'
  check (jsonb_typeof(clear_at_ml) = 'object' and pg_column_size(clear_at_ml) < 2000);

-- migrate:down
alter table cars drop column clear_at_ml;
