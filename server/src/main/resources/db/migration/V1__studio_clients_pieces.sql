create table studio (
    id         uuid         not null primary key,
    name       varchar(120) not null,
    currency   char(3)      not null,
    created_at datetime(6)  not null
);

create table account (
    id            uuid         not null primary key,
    studio_id     uuid         not null references studio (id),
    email         varchar(254) not null unique,
    password_hash varchar(200) not null,
    name          varchar(120) not null
);

create table api_token (
    id         uuid         not null primary key,
    studio_id  uuid         not null references studio (id),
    name       varchar(120) not null,
    token_hash char(64)     not null unique,
    revoked_at datetime(6)
);

create table client (
    id         uuid         not null primary key,
    studio_id  uuid         not null references studio (id),
    version    bigint       not null,
    name       varchar(120) not null,
    frame      longtext     not null comment 'the wardrobe document without its pieces',
    created_at datetime(6)  not null,
    index client_by_studio (studio_id, name)
);

create table piece (
    id            uuid           not null primary key,
    studio_id     uuid           not null references studio (id),
    client_id     uuid           not null references client (id),
    version       bigint         not null,
    ref           varchar(64)    not null,
    position      int            not null,
    kind          varchar(64)    not null,
    cost_amount   decimal(13, 3),
    cost_currency char(3),
    attributes    longtext       not null comment 'the piece in document form, without its cost',
    created_at    datetime(6)    not null,
    updated_at    datetime(6)    not null,
    unique key piece_ref (client_id, ref)
);

create table piece_change (
    id         bigint      not null auto_increment primary key,
    studio_id  uuid        not null references studio (id),
    client_id  uuid        not null references client (id),
    ref        varchar(64) not null,
    action     varchar(16) not null,
    before_doc longtext,
    after_doc  longtext,
    undoes     bigint,
    account_id uuid,
    at         datetime(6) not null,
    index change_by_client (client_id, id)
);
