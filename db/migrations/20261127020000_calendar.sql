-- migrate:up
-- Addresses under which what is due can be read by a calendar program: whoever has one may read, so that only its hash is
-- kept. One is good at a time.
create table calendar_feeds (
  id uuid primary key,
  token_hash bytea not null unique,
  made_at timestamptz not null,
  ended_at timestamptz,
  version integer not null default 1
);
create unique index calendar_feed_good on calendar_feeds ((true)) where ended_at is null;

-- migrate:down
drop table calendar_feeds;
