-- migrate:up

-- What became of each backup that a start was told to make: the owner sees it in setup.
create table backups (
  id bigint generated always as identity primary key,
  at timestamptz not null default now(),
  file text not null check (length(file) between 1 and 1000),
  bytes bigint check (bytes > 0),
  kept integer check (kept > 0),
  trouble text check (length(trouble) between 1 and 2000),
  check ((bytes is null) = (trouble is not null) and (kept is null) = (trouble is not null))
);

-- migrate:down
drop table backups;
