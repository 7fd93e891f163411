-- migrate:up
-- A temporary repair: why it is one, what limits it (the day it is due, sessions, distance, whichever is first), and what
-- replaces it.
alter table follow_ups
  add column temporary boolean not null default false,
  add column why text not null default '' check (length(why) <= 400),
  add column successor text not null default '' check (length(successor) <= 200),
  add column made_on date,
  add column sessions double precision check (sessions between 0.5 and 200),
  add column distance_m double precision check (distance_m between 1000 and 1e8),
  add column from_m double precision check (from_m between 0 and 3e9),
  add check (not temporary or (why <> '' and successor <> '' and made_on is not null)),
  add check (not temporary or due_on is not null or sessions is not null or distance_m is not null),
  add check (temporary or (why = '' and successor = '' and sessions is null and distance_m is null));

-- migrate:down
alter table follow_ups
  drop column from_m, drop column distance_m, drop column sessions, drop column made_on, drop column successor,
  drop column why, drop column temporary;
