package jomble.core.counting;

/** A client's week of occasions as days that follow each other. */
public final class Week {
    private Week() {}

    /**
     * How many of the first days of a run belong to each occasion: they follow each other in the proportion of their frequencies, the one
     * that is most behind next.
     *
     * @param timesPerWeek of each occasion, above 0
     * @param length of the run in days
     */
    public static int[] days(double[] timesPerWeek, int length) {
        double all = 0;
        for (double one : timesPerWeek) {
            all += one;
        }
        int[] days = new int[timesPerWeek.length];
        for (int day = 1; day <= length; day++) {
            int next = 0;
            double furthest = Double.NEGATIVE_INFINITY;
            for (int i = 0; i < days.length; i++) {
                double behind = timesPerWeek[i] / all * day - days[i];
                if (behind > furthest) {
                    furthest = behind;
                    next = i;
                }
            }
            days[next]++;
        }
        return days;
    }
}
