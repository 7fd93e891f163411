-- migrate:up
-- Works done in one visit: the car apart once, one bleed, one proof. A work names the one it is done with.
alter table works add column visit uuid references works (id);
create index works_visit on works (visit) where visit is not null;

-- migrate:down
drop index works_visit;
alter table works drop column visit;
