create table photo (
    id         uuid        not null primary key,
    studio_id  uuid        not null references studio (id),
    client_id  uuid        not null references client (id),
    ref        varchar(64) not null comment 'id of the piece',
    small      mediumblob  not null,
    medium     mediumblob  not null,
    large      mediumblob  not null,
    colours    varchar(120) not null comment 'proposed colours, #rrggbb:share separated by blanks',
    created_at datetime(6) not null,
    index photo_by_piece (client_id, ref)
);
