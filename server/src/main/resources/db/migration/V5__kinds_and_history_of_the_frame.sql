-- The history also keeps what changes around the pieces; a studio makes kinds of its own.
rename table piece_change to wardrobe_change;
rename table piece_change_seq to wardrobe_change_seq;

create table studio_kind (
    id         uuid        not null primary key,
    studio_id  uuid        not null references studio (id),
    name       varchar(64) not null,
    document   longtext    not null comment 'the kind in document form',
    offered    boolean     not null,
    created_at datetime(6) not null,
    unique key kind_of_studio (studio_id, name)
);
