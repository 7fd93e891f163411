-- migrate:up
-- Minutes a finished work took, written with the closing of its job: what the shop's next plan goes by.
alter table works add column took_min integer check (took_min between 1 and 3000);
create index works_took on works (procedure, took_min) where took_min is not null;

-- migrate:down
drop index works_took;
alter table works drop column took_min;
