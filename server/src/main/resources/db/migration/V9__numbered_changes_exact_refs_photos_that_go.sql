-- Changes of a client are numbered in the order they were made: ids are handed out in blocks to each instance and say nothing of it.
alter table client add column last_change bigint not null default 0;
alter table wardrobe_change add column number bigint;
update wardrobe_change c
    join (select id, row_number() over (partition by client_id order by id) as number from wardrobe_change) o on o.id = c.id
    set c.number = o.number;
update client c set last_change = (select coalesce(max(w.number), 0) from wardrobe_change w where w.client_id = c.id);
alter table wardrobe_change modify number bigint not null, add unique key change_number (client_id, number);

-- Refs and kinds are told apart to the letter, as they are everywhere else: k1 is not K1.
alter table piece modify ref varchar(64) character set utf8mb4 collate utf8mb4_nopad_bin not null;
alter table piece modify kind varchar(64) character set utf8mb4 collate utf8mb4_nopad_bin not null;
alter table wardrobe_change modify ref varchar(64) character set utf8mb4 collate utf8mb4_nopad_bin not null;
alter table photo modify ref varchar(64) character set utf8mb4 collate utf8mb4_nopad_bin not null comment 'id of the piece';
alter table studio_kind modify name varchar(64) character set utf8mb4 collate utf8mb4_nopad_bin not null;
-- Addresses are folded to lower case before they are kept or looked for.
update account set email = lower(email);
alter table account modify email varchar(254) character set utf8mb4 collate utf8mb4_nopad_bin not null;

-- The photos of a piece go with it, and come back with it.
alter table photo add column gone_with uuid null comment 'the step in which the piece went';
delete from photo where not exists (select 1 from piece p where p.client_id = photo.client_id and p.ref = photo.ref);
