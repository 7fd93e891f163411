-- migrate:up
alter table shop drop constraint shop_fluid_school_check;
alter table shop add constraint shop_fluid_school_check check
  (fluid_school in ('each_event', 'each_season', 'two_years', 'three_years', 'months_or_distance', 'by_water'));

-- The water of every car's fill, without a look at every reading there is.
create index readings_of_fluid on readings (job_id) where kind = 'fluid';

-- migrate:down
drop index readings_of_fluid;
update shop set fluid_school = 'two_years' where fluid_school = 'by_water';
alter table shop drop constraint shop_fluid_school_check;
alter table shop add constraint shop_fluid_school_check
  check (fluid_school in ('each_event', 'each_season', 'two_years', 'three_years', 'months_or_distance'));
