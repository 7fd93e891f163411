-- migrate:up
-- A hold ends by its evidence, signed for. What ended one before this stands, marked as ended by word.
alter table hold_proofs add column by_word boolean not null default false;
update hold_proofs set by_word = true;
alter table hold_proofs drop constraint hold_proofs_how_check;
alter table hold_proofs add constraint hold_proofs_how_check check (length(how) <= 2000);

-- An answer that a step of a run only implied, and nobody gave as such.
alter table findings add column implied boolean not null default false;

-- Who told the driver that new friction is still to be bedded in.
alter table jobs add column bed_in_told text not null default '' check (length(bed_in_told) <= 80);

-- A job opened by mistake is withdrawn, with its reason as the summary.
alter table jobs drop constraint jobs_outcome_check;
alter table jobs add constraint jobs_outcome_check
  check (outcome in ('cured', 'better', 'no_change', 'cured_new_fault', 'withdrawn'));
drop index jobs_confirmed;
create index jobs_confirmed on jobs (outcome)
  where closed_at is not null and outcome not in ('no_change', 'withdrawn');

-- migrate:down
drop index jobs_confirmed;
create index jobs_confirmed on jobs (outcome) where closed_at is not null and outcome <> 'no_change';
update jobs set outcome = 'no_change' where outcome = 'withdrawn';
alter table jobs drop constraint jobs_outcome_check;
alter table jobs add constraint jobs_outcome_check
  check (outcome in ('cured', 'better', 'no_change', 'cured_new_fault'));
alter table jobs drop column bed_in_told;
alter table findings drop column implied;
update hold_proofs set how = 'signed' where length(how) < 3;
alter table hold_proofs drop constraint hold_proofs_how_check;
alter table hold_proofs add constraint hold_proofs_how_check check (length(how) between 3 and 2000);
alter table hold_proofs drop column by_word;
