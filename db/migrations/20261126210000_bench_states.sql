-- migrate:up
-- A bench as it stood, kept with a car under a name: what was typed, in the units it was typed in.
create table bench_states (
  id uuid primary key,
  seq bigint generated always as identity unique,
  car_id uuid not null references cars,
  bench text not null check (bench in ('fluid', 'pedal', 'balance', 'heat')),
  name text not null check (length(name) between 1 and 80),
  typed jsonb not null check (length(typed::text) <= 40000),
  units jsonb not null,
  recorded_at timestamptz not null,
  dropped_at timestamptz,
  version integer not null default 1
);
create index bench_states_of_car on bench_states (car_id, bench, seq desc) where dropped_at is null;

-- migrate:down
drop table bench_states;
