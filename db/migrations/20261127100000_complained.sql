-- migrate:up
-- Who complained of the same: read out of the index alone. Without what is read of it the planner, which takes every complaint for
-- as common as the mean, goes back through all findings for one that hardly anybody has.
drop index findings_complained;
create index findings_complained on findings (finding, seq desc) include (id, job_id) where state = 'yes' and phase = 'before';

-- migrate:down
drop index findings_complained;
create index findings_complained on findings (finding, seq desc) where state = 'yes' and phase = 'before';
