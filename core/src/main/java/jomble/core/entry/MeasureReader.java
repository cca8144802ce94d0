package jomble.core.entry;

import java.util.regex.Matcher;
import java.util.regex.Pattern;
import jomble.core.piece.Attribute;

/** A number with its unit: a heel in centimetres, or tights in denier. */
record MeasureReader(Line line, Draft draft) implements PlaceReader {
    private static final Pattern MEASURE = Pattern.compile("(\\d{1,3}(?:[.,]\\d)?)(cm|den|denier)?");

    @Override
    public int read(int at) {
        Matcher measure = MEASURE.matcher(line.at(at).text());
        if (!measure.matches()) {
            return 0;
        }
        boolean apart = measure.group(2) == null;
        String unit = apart ? line.word(at + 1) : measure.group(2);
        String number = measure.group(1).replace(',', '.');
        int words = apart ? 2 : 1;
        if (unit.matches("den|denier") && !number.contains(".")) {
            draft.put(Attribute.DENIER, Integer.valueOf(number));
            return draft.take(at, words, Attribute.DENIER, number + " den");
        }
        if (unit.equals("cm") && draft.isShoe()) {
            draft.put(Attribute.HEEL_CM, Double.valueOf(number));
            return draft.take(at, words, Attribute.HEEL_CM, number + " cm");
        }
        return 0;
    }
}
