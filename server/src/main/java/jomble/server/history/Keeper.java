package jomble.server.history;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;

/** Stores some parts of clients' wardrobes, and puts their entries back as the history says. */
public interface Keeper {
    /** Whether it stores this part of the wardrobe document. */
    boolean keeps(String part);

    /** Takes changes back, newest first, and records each of them with the step. */
    void takeBack(UUID clientId, List<Change> changes, Step step);

    /** What the entry of a change is called. */
    Subject subject(Change change);

    /**
     * What an entry is called.
     *
     * @param title a short name in plain words; empty when it has none
     * @param day the day it is about, or null
     * @param fields fields that the change touched, where the entry is too large to be named as a whole
     */
    record Subject(String title, LocalDate day, List<String> fields) {}

    /** The step that takes another one back. */
    interface Step {
        UUID id();

        /** The step that is taken back. */
        UUID undone();

        /**
         * Records that a change was taken back.
         *
         * @param place where the entry stood if this deletes or moves it, or null
         * @return the number of the record among the client's changes
         */
        long record(Change change, Integer place);
    }
}
