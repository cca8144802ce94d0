-- How much of a limit was used: token buckets by what is limited.
create table rate_bucket (
    id         varchar(160) character set utf8mb4 collate utf8mb4_nopad_bin not null primary key,
    state      blob,
    expires_at bigint comment 'milliseconds since 1970; null until it is used',
    index rate_bucket_by_expiry (expires_at)
);
-- Raised whenever an account changes: sessions of before end.
alter table account add column version bigint not null default 0;
