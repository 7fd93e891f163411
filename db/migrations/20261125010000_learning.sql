-- migrate:up

-- How many jobs the built-in knowledge counts as when the shop's own confirmed jobs shift it; 0 keeps it as it is.
alter table shop
  add column learn_strength double precision not null default 300 check (learn_strength between 0 and 100000);

-- Where the car stands while it is checked: what can be done there differs.
alter table jobs add column place text not null default 'bay' check (place in ('bay', 'pit_lane'));

create index jobs_confirmed on jobs (outcome) where closed_at is not null and outcome <> 'no_change';

-- migrate:down
drop index jobs_confirmed;
alter table jobs drop column place;
alter table shop drop column learn_strength;
