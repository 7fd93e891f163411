-- migrate:up
-- One change tried on one day: the same figure over laps before and after it, SI.
create table change_trials (
  id uuid primary key,
  seq bigint generated always as identity unique,
  job_id uuid not null references jobs,
  on_date date not null,
  change text not null check (length(change) between 1 and 200),
  figure text not null check (figure in ('travel', 'rotor', 'caliper', 'distance', 'deceleration', 'lap')),
  before double precision[] not null check (cardinality(before) between 2 and 60),
  after double precision[] not null check (cardinality(after) between 2 and 60),
  note text not null default '' check (length(note) <= 400),
  recorded_at timestamptz not null,
  dropped_at timestamptz,
  version integer not null default 1
);
create index change_trials_of_job on change_trials (job_id, seq) where dropped_at is null;

-- migrate:down
drop table change_trials;
