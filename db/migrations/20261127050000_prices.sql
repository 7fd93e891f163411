-- migrate:up
-- What things cost, each, in the shop's own money: so that what a session costs can be told.
alter table shop add currency text not null default 'EUR' check (currency ~ '^[A-Z]{3}$');
alter table shelf add price numeric(10, 2) check (price between 0 and 1000000);
alter table fitted_parts add price numeric(10, 2) check (price between 0 and 1000000);

-- migrate:down
alter table fitted_parts drop price;
alter table shelf drop price;
alter table shop drop currency;
