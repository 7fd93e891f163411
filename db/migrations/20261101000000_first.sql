-- migrate:up

-- Lengths in metres, temperatures in kelvin, pressures in pascal, masses in kilograms. Readings keep the input of
-- their calc in the open case format's own named units, since that is what they are exchanged in.

create table shop (
  single boolean primary key default true check (single),
  name text not null check (length(name) between 1 and 120),
  circuit text not null default '' check (length(circuit) <= 120),
  altitude_m double precision not null default 0 check (altitude_m between -500 and 5000),
  time_zone text not null default 'UTC' check (length(time_zone) between 1 and 60),
  fluid_school text not null default 'each_season'
    check (fluid_school in ('each_event', 'each_season', 'two_years', 'three_years')),
  bleed_order text not null default 'furthest_first' check (bleed_order in ('furthest_first', 'nearest_first', 'diagonal')),
  two_bleeders text not null default 'outer_inner_outer' check (two_bleeders in ('outer_inner_outer', 'outer_inner')),
  reservoir_school text not null default 'draw_out' check (reservoir_school in ('draw_out', 'push_through')),
  bleed_method text not null default 'pressure' check (bleed_method in ('pressure', 'two_person', 'vacuum', 'gravity', 'reverse')),
  bleed_pressure_pa double precision not null default 103000 check (bleed_pressure_pa between 20000 and 200000),
  bottle_m3 double precision not null default 0.0005 check (bottle_m3 between 0.0001 and 0.025),
  is_demo boolean not null default false,
  version integer not null default 1
);

create table cars (
  id uuid primary key,
  name text not null check (length(name) between 1 and 120),
  note text not null default '' check (length(note) <= 400),
  kind text not null check (kind in ('light_track', 'saloon', 'hatch', 'heavy_coupe', 'other')),
  drive_side text check (drive_side in ('left', 'right')),
  mass_kg double precision check (mass_kg between 150 and 4000),
  tyre_radius_m double precision check (tyre_radius_m between 0.15 and 0.6),
  master_bore_m double precision check (master_bore_m between 0.008 and 0.05),
  pedal_ratio double precision check (pedal_ratio between 1 and 12),
  assist text check (assist in ('vacuum', 'hydraulic', 'none')),
  stability_control boolean,
  parking_brake text check (parking_brake in ('in_caliper', 'drum_in_hat', 'lever_only', 'none')),
  fluid_class text check (fluid_class in ('DOT3', 'DOT4', 'DOT5.1', 'DOT5', 'ISO6', 'ISO7')),
  fluid_dry_k double precision check (fluid_dry_k between 383 and 680),
  fluid_wet_k double precision check (fluid_wet_k between 383 and 680 and fluid_wet_k < fluid_dry_k),
  fluid_filled_on date,
  bleed_ceiling_pa double precision check (bleed_ceiling_pa between 50000 and 400000),
  maker_order text[] check (maker_order is null or (cardinality(maker_order) = 4 and maker_order @> array['FL', 'FR', 'RL', 'RR'])),
  created_at timestamptz not null default now(),
  version integer not null default 1,
  check ((fluid_dry_k is null) = (fluid_wet_k is null))
);

create table car_axles (
  car_id uuid not null references cars,
  axle text not null check (axle in ('front', 'rear')),
  brake text not null default 'disc' check (brake in ('disc', 'drum') and (axle = 'rear' or brake = 'disc')),
  caliper text check (caliper in ('opposed', 'sliding')),
  pistons_m double precision[] not null default '{}' check (cardinality(pistons_m) <= 16 and 0.01 < all (pistons_m) and 0.1 > all (pistons_m)),
  bleeders integer not null default 1 check (bleeders in (1, 2)),
  rotor text check (rotor in ('one_piece', 'two_piece')),
  rotor_new_m double precision check (rotor_new_m between 0.004 and 0.06),
  rotor_minimum_m double precision check (rotor_minimum_m between 0.003 and 0.06 and rotor_minimum_m < rotor_new_m),
  pad_new_m double precision check (pad_new_m between 0.003 and 0.04),
  pad_minimum_m double precision check (pad_minimum_m between 0.0005 and 0.02 and pad_minimum_m < pad_new_m),
  line_left_m double precision check (line_left_m between 0.1 and 15),
  line_right_m double precision check (line_right_m between 0.1 and 15),
  primary key (car_id, axle)
);

create table jobs (
  id uuid primary key,
  number integer generated always as identity unique,
  car_id uuid not null references cars,
  complaint text not null default '' check (length(complaint) <= 2000),
  when_where text not null default '' check (length(when_where) <= 2000),
  history text not null default '' check (length(history) <= 4000),
  helper boolean not null default true,
  wheels_off boolean not null default false,
  missing text[] not null default '{}' check (cardinality(missing) <= 40),
  needed_at timestamptz,
  opened_at timestamptz not null,
  closed_at timestamptz check (closed_at >= opened_at),
  closed_by text check (length(closed_by) between 1 and 80),
  outcome text check (outcome in ('cured', 'better', 'no_change', 'cured_new_fault')),
  summary text not null default '' check (length(summary) <= 4000),
  version integer not null default 1,
  words tsvector generated always as (
    to_tsvector('simple', complaint || ' ' || when_where || ' ' || history || ' ' || summary)
  ) stored,
  check ((closed_at is null) = (outcome is null) and (closed_at is null) = (closed_by is null))
);
create index jobs_open on jobs (opened_at) where closed_at is null;
create index jobs_of_car on jobs (car_id, opened_at desc);
create index jobs_ledger on jobs (closed_at desc, id desc) where closed_at is not null;
create index jobs_ledger_car on jobs (car_id, closed_at desc, id desc) where closed_at is not null;
create index jobs_ledger_outcome on jobs (outcome, closed_at desc, id desc) where closed_at is not null;
create index jobs_words on jobs using gin (words);

create table job_causes (
  job_id uuid not null references jobs,
  cause text not null check (cause ~ '^[a-z_]{3,60}$'),
  primary key (job_id, cause)
);
create index job_causes_by_cause on job_causes (cause, job_id);

-- Findings and readings are append-only. A slot (job, phase, question, place) is one chain of rows: the first replaces
-- nothing, each later one replaces exactly one earlier row of the same slot, and no row can be replaced twice. A row
-- whose state is null takes the answer back.
create table findings (
  id uuid primary key,
  seq bigint generated always as identity unique,
  job_id uuid not null references jobs,
  phase text not null check (phase in ('before', 'after')),
  finding text not null check (finding ~ '^[a-z_]{3,60}$'),
  place text not null default '' check (place in ('', 'FL', 'FR', 'RL', 'RR', 'front', 'rear')),
  state text check (state ~ '^[a-z_]{2,60}$'),
  replaces uuid unique,
  why text not null default '' check (length(why) <= 400),
  recorded_at timestamptz not null,
  unique (id, job_id, phase, finding, place),
  foreign key (replaces, job_id, phase, finding, place) references findings (id, job_id, phase, finding, place),
  check (replaces is not null or state is not null),
  check (replaces <> id)
);
create unique index findings_first on findings (job_id, phase, finding, place) where replaces is null;

create table readings (
  id uuid primary key,
  seq bigint generated always as identity unique,
  job_id uuid not null references jobs,
  phase text not null check (phase in ('before', 'after')),
  kind text not null check (kind ~ '^[a-z-]{3,40}$'),
  corner text not null default '' check (corner in ('', 'FL', 'FR', 'RL', 'RR')),
  input jsonb check (input is null or (jsonb_typeof(input) = 'object' and pg_column_size(input) < 20000)),
  replaces uuid unique,
  why text not null default '' check (length(why) <= 400),
  recorded_at timestamptz not null,
  unique (id, job_id, phase, kind, corner),
  foreign key (replaces, job_id, phase, kind, corner) references readings (id, job_id, phase, kind, corner),
  check (replaces is not null or input is not null),
  check (replaces <> id)
);
create unique index readings_first on readings (job_id, phase, kind, corner) where replaces is null;

create table verdicts (
  id uuid primary key,
  job_id uuid not null references jobs,
  findings jsonb not null,
  verdict jsonb not null,
  engine text not null,
  knowledge text not null,
  decided text check (decided ~ '^[a-z_]{3,60}$'),
  made_at timestamptz not null
);
create index verdicts_of_job on verdicts (job_id, made_at);

create table works (
  id uuid primary key,
  job_id uuid not null references jobs,
  kind text not null check (kind in ('flush', 'other')),
  cause text check (cause ~ '^[a-z_]{3,60}$'),
  title text not null check (length(title) between 1 and 200),
  before text not null default '' check (length(before) <= 400),
  plan jsonb not null,
  started_at timestamptz not null
);
create index works_of_job on works (job_id, started_at);

create table ticks (
  id uuid primary key,
  seq bigint generated always as identity unique,
  work_id uuid not null references works,
  step text not null check (step ~ '^[a-z0-9_-]{1,60}$'),
  done boolean not null,
  note text not null default '' check (length(note) <= 400),
  ticked_at timestamptz not null
);
create index ticks_of_work on ticks (work_id, seq);

create table hold_proofs (
  id uuid primary key,
  job_id uuid not null references jobs,
  hold text not null check (hold ~ '^[a-z_]{3,60}$'),
  how text not null check (length(how) between 3 and 2000),
  proved_by text not null check (length(proved_by) between 1 and 80),
  proved_at timestamptz not null
);
create index hold_proofs_of_job on hold_proofs (job_id, proved_at);

create table follow_ups (
  id uuid primary key,
  car_id uuid not null references cars,
  job_id uuid references jobs,
  what text not null check (length(what) between 1 and 400),
  due_on date,
  done_at timestamptz,
  version integer not null default 1
);
create index follow_ups_open on follow_ups (due_on) where done_at is null;
create index follow_ups_of_car on follow_ups (car_id) where done_at is null;

create function keep_as_written() returns trigger language plpgsql as $$
begin
  raise exception '% is append-only: write a row that replaces this one', tg_table_name using errcode = 'restrict_violation';
end
$$;

create trigger findings_keep before update or delete on findings for each row execute function keep_as_written();
create trigger readings_keep before update or delete on readings for each row execute function keep_as_written();
create trigger verdicts_keep before update or delete on verdicts for each row execute function keep_as_written();
create trigger ticks_keep before update or delete on ticks for each row execute function keep_as_written();
create trigger hold_proofs_keep before update or delete on hold_proofs for each row execute function keep_as_written();

-- migrate:down
drop table follow_ups, hold_proofs, ticks, works, verdicts, readings, findings, job_causes, jobs, car_axles, cars, shop;
drop function keep_as_written;
