-- migrate:up
-- A drive on proof: who drives, under which conditions, back by when; and, once, what came back.
create table proof_drives (
  id uuid primary key,
  seq bigint generated always as identity unique,
  job_id uuid not null references jobs,
  driver text not null check (length(driver) between 1 and 80),
  conditions text not null check (length(conditions) between 1 and 1000),
  due_on date not null,
  out_at timestamptz not null,
  back_id uuid unique,
  back_at timestamptz check (back_at >= out_at),
  laps integer check (laps between 0 and 500),
  air_k double precision check (air_k between 233 and 334),
  note text not null default '' check (length(note) <= 2000),
  check ((back_id is null) = (back_at is null)),
  check (back_id is not null or (laps is null and air_k is null and note = ''))
);
create index proof_drives_of_job on proof_drives (job_id, seq);
-- One at a time.
create unique index proof_drives_out on proof_drives (job_id) where back_id is null;

-- migrate:down
drop table proof_drives;
