-- What a wardrobe holds besides pieces, one row for each entry; the history says which part an entry belongs to.
create table client_entry (
    id        uuid        not null primary key,
    studio_id uuid        not null references studio (id),
    client_id uuid        not null references client (id),
    part      varchar(32) not null comment 'of the wardrobe document',
    ref       varchar(64) character set utf8mb4 collate utf8mb4_nopad_bin not null comment 'id of the entry; empty where the part is no list',
    position  int         not null,
    version   bigint      not null comment 'number of the change that wrote it',
    day       date                 comment 'the day it is about',
    document  longtext    not null comment 'the entry in document form',
    unique key entry_ref (client_id, part, ref),
    index entry_by_position (client_id, part, position),
    index entry_by_day (client_id, part, day)
);
alter table wardrobe_change add column part varchar(32) not null default 'pieces' after step;
