-- migrate:up
-- A car's good pedal is its last firmness after work that cured it.
create index readings_of_firmness on readings (job_id) where kind = 'firmness';

-- migrate:down
drop index readings_of_firmness;
