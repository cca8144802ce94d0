package jomble.server.counting;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigInteger;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.json.JsonMapper;

/** Most readers of JSON keep numbers as doubles, which are exact up to 2^53. */
class ExactTest {
    @ParameterizedTest
    @CsvSource(quoteCharacter = '\'', textBlock = """
            0, 0
            -12, -12
            9007199254740992, 9007199254740992
            -9007199254740992, -9007199254740992
            9007199254740993, "9007199254740993"
            -9007199254740993, "-9007199254740993"
            13683750050332413161, "13683750050332413161\"""")
    void isANumberWhileThatIsExactAndTextBeyond(BigInteger number, String written) {
        assertThat(JsonMapper.shared().writeValueAsString(Exact.of(number))).isEqualTo(written);
    }
}
