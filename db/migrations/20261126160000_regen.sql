-- migrate:up
-- What a motor takes of a hard stop.
alter table cars add column regen_share double precision check (regen_share between 0 and 0.9);

-- migrate:down
alter table cars drop column regen_share;
