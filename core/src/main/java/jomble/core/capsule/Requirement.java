package jomble.core.capsule;

/** One thing that is asked of the pieces of a capsule, whatever outfits they make. */
interface Requirement {
    FunctionWish wish();

    /**
     * By how many pieces it is missed.
     *
     * @param chosen by place of the piece
     * @param members the places of those chosen
     */
    int missedBy(boolean[] chosen, int[] members);

    /** Of some pieces at least and at most so many. */
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

    /** Of two groups, the first is at least and at most such a share of both together. */
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

        /** By how many pieces it is missed with so many of each; no rounding makes a majority of a half. */
        int missedBy(int ones, int others) {
            int all = ones + others;
            int least = this.least > HALF
                    ? Math.min((int) Math.ceil(this.least * all), Math.max(0, all - 1))
                    : (int) Math.floor(this.least * all);
            int most = this.most <= HALF ? Math.max(1, (int) (this.most * all)) : (int) Math.ceil(this.most * all);
            return Math.max(0, least - ones) + Math.max(0, ones - most);
        }
    }

    /** Sets are whole or left out. */
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
     * At most so many colours.
     *
     * @param colourOf by place the number of its colour, or −1; base colours come before accents
     * @param bases how many base colours there are
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
