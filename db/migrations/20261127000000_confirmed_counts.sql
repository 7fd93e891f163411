-- migrate:up
-- How often each cause was confirmed is asked with every sheet: it is kept, not counted anew over the shop's whole past.
create table confirmed_causes (
  cause text primary key,
  jobs integer not null
);

create function teaches(job jobs) returns boolean language sql immutable as $$
  select job.closed_at is not null and job.outcome not in ('no_change', 'withdrawn')
$$;

-- In the order of their names, so that two jobs that close at once wait for each other and never in a circle.
create function count_causes(job uuid, by integer) returns void language sql as $$
  insert into confirmed_causes (cause, jobs) select cause, by from job_causes where job_id = job order by cause
  on conflict (cause) do update set jobs = confirmed_causes.jobs + excluded.jobs
$$;

create function count_closed_job() returns trigger language plpgsql as $$
begin
  if teaches(old) <> teaches(new) then
    perform count_causes(new.id, case when teaches(new) then 1 else -1 end);
  end if;
  return null;
end $$;

create function count_cause() returns trigger language plpgsql as $$
begin
  insert into confirmed_causes (cause, jobs)
  select changed.cause, count(*) * case when tg_op = 'DELETE' then -1 else 1 end
  from changed join jobs on jobs.id = changed.job_id where teaches(jobs) group by changed.cause order by changed.cause
  on conflict (cause) do update set jobs = confirmed_causes.jobs + excluded.jobs;
  return null;
end $$;

create trigger jobs_count_causes after update on jobs for each row execute function count_closed_job();
create trigger job_causes_count after insert on job_causes referencing new table as changed
  for each statement execute function count_cause();
create trigger job_causes_uncount after delete on job_causes referencing old table as changed
  for each statement execute function count_cause();

insert into confirmed_causes (cause, jobs)
select cause, count(*) from job_causes join jobs on jobs.id = job_causes.job_id where teaches(jobs) group by cause;

drop index jobs_confirmed;
create index findings_complained on findings (finding, seq desc) where state = 'yes' and phase = 'before';

-- migrate:down
drop index findings_complained;
create index jobs_confirmed on jobs (outcome)
  where closed_at is not null and outcome not in ('no_change', 'withdrawn');
drop trigger job_causes_uncount on job_causes;
drop trigger job_causes_count on job_causes;
drop trigger jobs_count_causes on jobs;
drop function count_cause();
drop function count_closed_job();
drop function count_causes(uuid, integer);
drop function teaches(jobs);
drop table confirmed_causes;
