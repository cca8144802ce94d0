package jomble.core.climate;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** The shipped places, made up, one for each kind of climate somebody may live in. */
public final class Places {
    private static final String TABLE = "/jomble/core/climate/places.csv";
    private static final List<Place> SHIPPED = read();

    private Places() {}

    /** In the order of their climates. */
    public static List<Place> shipped() {
        return SHIPPED;
    }

    private static List<Place> read() {
        Map<List<String>, List<ClimateMonth>> months = new LinkedHashMap<>();
        try (BufferedReader reader = new BufferedReader(
                new InputStreamReader(Places.class.getResourceAsStream(TABLE), StandardCharsets.UTF_8))) {
            reader.lines().skip(1).map(line -> line.split(",")).forEach(cells -> {
                double[] numbers = new double[cells.length];
                for (int i = 2; i < cells.length; i++) {
                    numbers[i] = Double.parseDouble(cells[i]);
                }
                months.computeIfAbsent(List.of(cells[0], cells[1]), place -> new ArrayList<>())
                        .add(new ClimateMonth(
                                (int) numbers[2], numbers[3], numbers[4], numbers[5], numbers[6], numbers[7]));
            });
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return months.entrySet().stream()
                .map(entry -> new Place(entry.getKey().get(0), entry.getKey().get(1), entry.getValue()))
                .toList();
    }
}
