-- migrate:up

-- Who has which job open, and where in it. Of this minute only: nothing of it is record.
create unlogged table presence (
  page uuid primary key,
  job_id uuid not null references jobs on delete cascade,
  person_id uuid not null references people,
  stage text not null check (stage ~ '^[a-z]{2,12}$'),
  question text not null default '' check (length(question) <= 160),
  seen_at timestamptz not null default now()
);
create index presence_of_job on presence (job_id);

create function tell_presence() returns trigger language plpgsql as $$
begin
  if tg_op = 'UPDATE' and (old.stage, old.question, old.job_id) = (new.stage, new.question, new.job_id) then
    return null;
  end if;
  perform pg_notify('bavrin_jobs', 'here ' || coalesce(new.job_id, old.job_id));
  return null;
end
$$;
create trigger presence_tell after insert or update or delete on presence for each row execute function tell_presence();

-- migrate:down
drop table presence;
drop function tell_presence();
