package jomble.core.counting;

/** Adds something up over everything a count walks. */
interface Collector {
    /** Starts with the bodies of a structure. */
    Bodies of(Field.Search search);

    /** Hears of the bodies of one structure. */
    interface Bodies {
        /**
         * A body with what can be put on over it.
         *
         * @param body options by ordinal of the slot, reused between calls
         * @param node of the diagram of the search
         */
        void add(Option[] body, int node);

        /**
         * A combination that an approval lets pass, once all bodies were told.
         *
         * @param combination options by ordinal of the slot; with all that completes it where that is asked for
         * @param verdict what the rules say of its counted part, as a terminal of the diagram
         */
        void addApproved(Option[] combination, int verdict);

        /** Nothing more comes. */
        default void finish() {}
    }
}
