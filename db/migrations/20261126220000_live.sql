-- migrate:up
-- Whatever is written of a job is told at once to every server that listens, which tells its pages.
create function tell_job() returns trigger language plpgsql as $$
declare
  row jsonb := to_jsonb(new);
  job text := row ->> tg_argv[0];
begin
  if tg_argv[0] = 'work_id' then
    select job_id::text into job from works where id = (row ->> 'work_id')::uuid;
  end if;
  if job is not null then
    perform pg_notify('bavrin_jobs', job);
  end if;
  return null;
end $$;

create trigger jobs_tell after insert or update on jobs for each row execute function tell_job('id');
create trigger findings_tell after insert on findings for each row execute function tell_job('job_id');
create trigger readings_tell after insert on readings for each row execute function tell_job('job_id');
create trigger verdicts_tell after insert on verdicts for each row execute function tell_job('job_id');
create trigger works_tell after insert or update on works for each row execute function tell_job('job_id');
create trigger ticks_tell after insert on ticks for each row execute function tell_job('work_id');
create trigger hold_proofs_tell after insert on hold_proofs for each row execute function tell_job('job_id');
create trigger work_fluid_tell after insert on work_fluid for each row execute function tell_job('work_id');
create trigger proof_drives_tell after insert or update on proof_drives for each row execute function tell_job('job_id');
create trigger change_trials_tell after insert or update on change_trials for each row execute function tell_job('job_id');
create trigger photos_tell after insert or update on photos for each row execute function tell_job('job_id');

-- migrate:down
drop trigger photos_tell on photos;
drop trigger change_trials_tell on change_trials;
drop trigger proof_drives_tell on proof_drives;
drop trigger work_fluid_tell on work_fluid;
drop trigger hold_proofs_tell on hold_proofs;
drop trigger ticks_tell on ticks;
drop trigger works_tell on works;
drop trigger verdicts_tell on verdicts;
drop trigger readings_tell on readings;
drop trigger findings_tell on findings;
drop trigger jobs_tell on jobs;
drop function tell_job();
