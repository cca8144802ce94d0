-- The highest number in an id pn that a client's pieces have or had, so that none is given twice.
alter table client add column last_piece bigint not null default 0;
update client c set last_piece = coalesce((
    select max(cast(substr(w.ref, 2) as unsigned)) from wardrobe_change w
    where w.client_id = c.id and w.part = 'pieces' and w.ref regexp '^p[1-9][0-9]{0,8}$'), 0);
update client c set last_piece = greatest(last_piece, coalesce((
    select max(cast(substr(p.ref, 2) as unsigned)) from piece p
    where p.client_id = c.id and p.ref regexp '^p[1-9][0-9]{0,8}$'), 0));

-- The version of a piece is the number of the change that wrote it, which never starts anew.
update piece p set version = coalesce((
    select max(w.number) from wardrobe_change w
    where w.client_id = p.client_id and w.part = 'pieces' and w.ref = p.ref), 0);

alter table studio add column rules_version bigint not null default 0;
alter table studio add column occasions_version bigint not null default 0;
alter table studio_kind add column version bigint not null default 0;

-- Requests that were carried out, so that the same one sent again is answered and not done again.
create table done_request (
    studio_id  uuid        not null references studio (id),
    id         varchar(64) character set utf8mb4 collate utf8mb4_nopad_bin not null comment 'Idempotency-Key',
    attempt    uuid        not null comment 'the request that did it',
    digest     char(64)             comment 'of its method, address and body; null until it was answered',
    answer     mediumblob           comment 'null until it was answered, or where it is too long',
    done_at    bigint      not null comment 'milliseconds since 1970',
    primary key (studio_id, id),
    index done_request_by_time (done_at)
);

-- From where an account was signed in to: wrong passwords from elsewhere do not keep its owner out.
create table known_address (
    account_id uuid        not null references account (id) on delete cascade,
    address    varchar(64) not null,
    seen_at    bigint      not null comment 'milliseconds since 1970',
    primary key (account_id, address)
);
