package jomble.core.entry;

import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** "80%", which belongs to the fibre beside it. */
record PercentReader(Line line, Draft draft) implements PlaceReader {
    private static final Pattern PERCENT = Pattern.compile("(\\d{1,3})%[.]?");

    @Override
    public int read(int at) {
        Matcher matcher = PERCENT.matcher(line.at(at).text());
        if (!matcher.matches()) {
            return 0;
        }
        int percent = Integer.parseInt(matcher.group(1));
        draft.fibres().addPercent(percent);
        return draft.take(at, 1, Lexicon.FIBRE, percent + " %");
    }
}
