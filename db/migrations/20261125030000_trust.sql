-- migrate:up

-- Written last when a demo is loaded: one that was interrupted is no demo yet.
alter table shop add column demo_whole boolean not null default false;
update shop set demo_whole = is_demo;

-- Every write that a device may send twice, under the id it made: what it was, what it was written to (a job, a car, a
-- lot; nothing where it stands alone), and what was in it (SHA-256; null where it was written before contents were kept).
create table writes (
  id uuid primary key,
  kind text not null check (kind ~ '^[a-z_]{3,20}$'),
  target uuid,
  content bytea check (length(content) = 32),
  written_at timestamptz not null default now()
);
insert into writes (id, kind, target)
  select id, 'answer', job_id from findings union all
  select id, 'reading', job_id from readings union all
  select id, 'verdict', job_id from verdicts union all
  select id, 'work', job_id from works union all
  select id, 'tick', work_id from ticks union all
  select id, 'proof', job_id from hold_proofs union all
  select id, 'follow_up', job_id from follow_ups union all
  select id, 'job', null from jobs union all
  select id, 'car', null from cars union all
  select id, 'event', car_id from car_events union all
  select id, 'part', car_id from fitted_parts union all
  select id, 'lot', null from shelf
  on conflict do nothing;

-- What a reading's calc made of it when it was written down, limits and all, and by which version of the calcs: limits
-- and rules change over the years, and an old reading reads as it was judged.
alter table readings
  add column result jsonb check (jsonb_typeof(result) = 'object' and pg_column_size(result) < 60000),
  add column calcs text check (calcs ~ '^[0-9.]{1,20}$'),
  add check ((result is null) = (calcs is null));

-- migrate:down
alter table readings drop column result, drop column calcs;
drop table writes;
alter table shop drop column demo_whole;
