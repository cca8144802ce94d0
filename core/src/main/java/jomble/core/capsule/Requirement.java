package jomble.core.capsule;

/** A requirement on the pieces of a capsule, independent of its outfits. */
interface Requirement {
    FunctionWish wish();

    /**
     * Number of pieces by which it is missed.
     *
     * @param chosen by piece index
     * @param members indices of the chosen pieces
     */
    int missedBy(boolean[] chosen, int[] members);

    /** At least and at most so many of a group of pieces. */
    record Amount(FunctionWish wish, boolean[] of, int least, int most) implements Requirement {
        @Override
        public int missedBy(boolean[] chosen, int[] members) {
            int there = 0;
            for (int member : members) {
                there += of[member] ? 1 : 0;
            }
            return Math.max(0, least - there) + Math.max(0, there - most);
        }
    }

    /** The share of the first of two groups in both together is within a range. */
    record Share(FunctionWish wish, boolean[] one, boolean[] other, double least, double most) implements Requirement {
        private static final double HALF = 0.5;

        @Override
        public int missedBy(boolean[] chosen, int[] members) {
            int ones = 0;
            int others = 0;
            for (int member : members) {
                ones += one[member] ? 1 : 0;
                others += other[member] ? 1 : 0;
            }
            return missedBy(ones, others);
        }

        /**
         * Number of pieces by which it is missed for these group sizes; rounding never turns a half into a majority.
         */
        int missedBy(int ones, int others) {
            int all = ones + others;
            int least = this.least > HALF
                    ? Math.min((int) Math.ceil(this.least * all), Math.max(0, all - 1))
                    : (int) Math.floor(this.least * all);
            int most = this.most <= HALF ? Math.max(1, (int) (this.most * all)) : (int) Math.ceil(this.most * all);
            return Math.max(0, least - ones) + Math.max(0, ones - most);
        }
    }

    /** Sets are complete or left out. */
    record Whole(FunctionWish wish, int[][] sets) implements Requirement {
        @Override
        public int missedBy(boolean[] chosen, int[] members) {
            int missed = 0;
            for (int[] set : sets) {
                int there = 0;
                for (int place : set) {
                    there += chosen[place] ? 1 : 0;
                }
                missed += Math.min(there, set.length - there);
            }
            return missed;
        }
    }

    /**
     * A limit on colours.
     *
     * @param colourOf by piece index, the number of its colour or −1; base colours come before accents
     * @param bases number of base colours
     */
    record Colours(FunctionWish wish, int[] colourOf, int bases, int colours, CapsuleWishes.PaletteLimit limit)
            implements Requirement {
        @Override
        public int missedBy(boolean[] chosen, int[] members) {
            boolean[] there = new boolean[colours];
            int ofBase = 0;
            int accents = 0;
            for (int member : members) {
                int colour = colourOf[member];
                if (colour >= 0 && !there[colour]) {
                    there[colour] = true;
                    ofBase += colour < bases ? 1 : 0;
                    accents += colour < bases ? 0 : 1;
                }
            }
            return Math.max(0, ofBase - limit.bases()) + Math.max(0, accents - limit.accents());
        }
    }
}
