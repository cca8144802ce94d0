package jomble.core.entry;

import java.math.BigDecimal;
import java.util.Currency;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import jomble.core.piece.Attribute;

/** The price: "49", "€49.90", "1,200 usd", "20 quid"; a second number without a currency is not a price. */
record PriceReader(Line line, Draft draft, Currency usual) implements PlaceReader {
    private static final Pattern MONEY = Pattern.compile(
            "(?i)([€$£]?)(\\d{1,3}(?:,\\d{3})+(?:\\.\\d{1,2})?|\\d{1,7}(?:[.,]\\d{1,2})?)(?:([€$£])|(eur|usd|gbp|chf|sek|nok|dkk))?[.]?");
    private static final Pattern WITH_THOUSANDS = Pattern.compile("\\d{1,3}(,\\d{3})+.*");
    private static final Set<String> CODES = Set.of("eur", "usd", "gbp", "chf", "sek", "nok", "dkk");
    private static final Map<String, String> SIGNS = Map.ofEntries(
            Map.entry("€", "EUR"),
            Map.entry("$", "USD"),
            Map.entry("£", "GBP"),
            Map.entry("euro", "EUR"),
            Map.entry("euros", "EUR"),
            Map.entry("dollar", "USD"),
            Map.entry("dollars", "USD"),
            Map.entry("bucks", "USD"),
            Map.entry("pound", "GBP"),
            Map.entry("pounds", "GBP"),
            Map.entry("quid", "GBP"));

    @Override
    public int read(int at) {
        Matcher money = MONEY.matcher(line.at(at).text());
        if (!money.matches()) {
            return 0;
        }
        String sign = money.group(1) + Objects.requireNonNullElse(money.group(3), "");
        String code = money.group(4) != null
                ? money.group(4).toUpperCase(Locale.ROOT)
                : SIGNS.getOrDefault(sign, usual.getCurrencyCode());
        String next = line.word(at + 1);
        int words = 1;
        if (CODES.contains(next) || SIGNS.containsKey(next)) {
            code = SIGNS.getOrDefault(next, next.toUpperCase(Locale.ROOT));
            words = 2;
        } else if (draft.get(Attribute.COST) != null && sign.isEmpty() && money.group(4) == null) {
            return 0;
        }
        BigDecimal amount = amount(money.group(2));
        draft.put(Attribute.COST, Map.of("amount", amount, "currency", code));
        return draft.take(at, words, Attribute.COST, amount.toPlainString() + " " + code);
    }

    private static BigDecimal amount(String number) {
        boolean thousands = WITH_THOUSANDS.matcher(number).matches();
        return new BigDecimal(thousands ? number.replace(",", "") : number.replace(',', '.'));
    }
}
