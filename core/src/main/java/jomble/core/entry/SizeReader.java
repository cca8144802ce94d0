package jomble.core.entry;

import java.util.regex.Pattern;
import jomble.core.piece.Attribute;

/** "size 42", "size UK 12", "UK12", "W32", "32/34", "XL", and S, M, L in capitals. */
record SizeReader(Line line, Draft draft) implements PlaceReader {
    private static final Pattern SIZE = Pattern.compile(
            "(?i)xxs|xs|xl|xxl|xxxl|[2-5]xl|[wl]\\d{2}|\\d{2}/\\d{2}|\\d{1,2}[rsl]|(?-i:[SML])|(?:uk|us|eu)\\d{1,2}(\\.5)?");
    private static final Pattern SYSTEM = Pattern.compile("(?i)uk|us|eu|fr|it|de");
    private static final Pattern NUMBER = Pattern.compile("\\d{1,2}(\\.5)?");

    @Override
    public int read(int at) {
        int from = line.word(at).equals("size") ? at + 1 : at;
        if (from >= line.size() || line.at(from).quoted()) {
            return 0;
        }
        boolean system = SYSTEM.matcher(line.word(from)).matches()
                && NUMBER.matcher(line.word(from + 1)).matches();
        if (from == at && !system && !SIZE.matcher(line.at(from).text()).matches()) {
            return 0;
        }
        String size = line.text(from, system ? 2 : 1);
        Object before = draft.get(Attribute.SIZE);
        draft.put(Attribute.SIZE, before == null ? size : before + " " + size);
        return draft.take(at, from - at + (system ? 2 : 1), Attribute.SIZE, String.valueOf(draft.get(Attribute.SIZE)));
    }
}
