-- migrate:up
-- What a bleed was poured from: off the shelf when it is done, put back when that was wrong. The last row stands.
create table work_fluid (
  id uuid primary key,
  seq bigint generated always as identity unique,
  work_id uuid not null references works,
  taken boolean not null,
  ml double precision not null check (ml > 0 and ml <= 25000),
  pours jsonb not null,
  recorded_at timestamptz not null
);
create index work_fluid_of_work on work_fluid (work_id, seq);
create trigger work_fluid_keep before update or delete on work_fluid for each row execute function keep_as_written();

-- migrate:down
drop table work_fluid;
