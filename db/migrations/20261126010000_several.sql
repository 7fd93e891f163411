-- migrate:up
-- Several states of one face at once: in one answer, with commas between.
alter table findings drop constraint findings_state_check;
alter table findings add constraint findings_state_check check (state ~ '^[a-z_]{2,60}(,[a-z_]{2,60}){0,7}$');

-- migrate:down
alter table findings disable trigger findings_keep;
update findings set state = split_part(state, ',', 1) where state like '%,%';
alter table findings enable trigger findings_keep;
alter table findings drop constraint findings_state_check;
alter table findings add constraint findings_state_check check (state ~ '^[a-z_]{2,60}$');
