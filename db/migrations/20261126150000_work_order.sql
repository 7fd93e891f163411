-- migrate:up
-- The order somebody put a job's works in; the rest follow as they were added.
alter table jobs add column work_order uuid[] not null default '{}' check (cardinality(work_order) <= 60);

-- migrate:down
alter table jobs drop column work_order;
