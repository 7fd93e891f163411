-- migrate:up
-- How the shop writes its dates.
alter table shop add column date_order text not null default 'day_first'
  check (date_order in ('day_first', 'month_first'));

-- migrate:down
alter table shop drop column date_order;
