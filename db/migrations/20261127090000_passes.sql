-- migrate:up

-- What lets somebody send what they entered on a device that had no network: made when they come in there, sealed on it with their figures.
-- It is good from that device alone; the demo knows its devices not, and its passes are of none.
create table passes (
  token_hash bytea primary key,
  person_id uuid not null references people,
  device_id uuid references devices,
  made_at timestamptz not null default now()
);
create index passes_of_person on passes (person_id);
create index passes_of_device on passes (device_id);

alter table sessions drop constraint sessions_how_check;
alter table sessions add constraint sessions_how_check check (how in ('password', 'pin', 'demo', 'first', 'pass'));

-- migrate:down
alter table sessions drop constraint sessions_how_check;
alter table sessions add constraint sessions_how_check check (how in ('password', 'pin', 'demo', 'first'));
drop table passes;
