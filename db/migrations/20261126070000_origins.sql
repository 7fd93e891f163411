-- migrate:up
-- Where a car's figures come from, by their path: from a starting set, or measured; the rest was typed.
alter table cars add column origins jsonb not null default '{}';

-- migrate:down
alter table cars drop column origins;
