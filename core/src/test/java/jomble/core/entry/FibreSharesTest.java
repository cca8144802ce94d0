package jomble.core.entry;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.stream.Collectors;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class FibreSharesTest {
    @ParameterizedTest(name = "{0}")
    @CsvSource(delimiter = '|', textBlock = """
            wool                   | wool 100
            wool silk              | wool 50, silk 50
            wool silk cashmere     | wool 33, silk 33, cashmere 34
            80 wool 20 silk        | wool 80, silk 20
            wool 80 silk 20        | wool 80, silk 20
            80 wool silk           | wool 80, silk 20
            wool 80 silk           | wool 80, silk 20
            70 wool                | wool 70, other 30
            80 wool 40 silk        | wool 50, silk 50
            wool wool 60           | wool 60, other 40
            100 wool silk          | wool 100""")
    void addUpToTheWhole(String line, String whole) {
        FibreShares shares = new FibreShares();
        for (String word : line.split(" ")) {
            if (word.matches("\\d+")) {
                shares.addPercent(Integer.parseInt(word));
            } else {
                shares.addFibre(word);
            }
        }
        assertThat(shares.toDocument().stream()
                        .map(share -> share.get("fibre") + " " + share.get("percent"))
                        .collect(Collectors.joining(", ")))
                .isEqualTo(whole);
    }
}
