-- One step is all that a single action changed; undo and redo take back whole steps.
alter table piece_change
    add column step uuid,
    modify id bigint not null;
update piece_change set step = uuid();
alter table piece_change modify step uuid not null, add index change_by_step (client_id, step);
create sequence piece_change_seq start with 1000000 increment by 100;
