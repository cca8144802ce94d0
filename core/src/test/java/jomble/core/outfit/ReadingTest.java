package jomble.core.outfit;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.Collectors;
import jomble.core.RandomWardrobes;
import jomble.core.piece.Kinds;
import jomble.core.piece.Piece;
import jomble.core.piece.PieceId;
import jomble.core.piece.Slot;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ReadingTest {
    private static final int OUTFITS = 20_000;

    @ParameterizedTest(name = "{0}")
    @CsvSource({
        // A dress under a layer is a dress, not a skirt.
        "top=fine-knit bottom=slip-dress,                onepiece=slip-dress mid=fine-knit",
        "top=fine-knit bottom=slip-dress jacket=blazer,  onepiece=slip-dress mid=fine-knit jacket=blazer",
        "top=fine-knit bottom=slip-dress mid=cardigan,   top=fine-knit bottom=slip-dress mid=cardigan",
        "top=t-shirt bottom=slip-dress,                  top=t-shirt bottom=slip-dress",
        "top=fine-knit bottom=jeans,                     top=fine-knit bottom=jeans",
        "top=shirt onepiece=slip-dress,                  top=shirt onepiece=slip-dress",
        // A layer is what it is by first choice, unless that changes what is over what.
        "coat=padded-sleeveless-jacket,                  mid=padded-sleeveless-jacket",
        "mid=poncho,                                     coat=poncho",
        "mid=knitted-jacket,                             jacket=knitted-jacket",
        "mid=knitted-jacket coat=parka,                  jacket=knitted-jacket coat=parka",
        "mid=cardigan coat=padded-sleeveless-jacket,     mid=cardigan coat=padded-sleeveless-jacket",
        "jacket=blazer coat=padded-sleeveless-jacket,    jacket=blazer coat=padded-sleeveless-jacket",
        "mid=padded-sleeveless-jacket jacket=blazer,     mid=padded-sleeveless-jacket jacket=blazer",
        "mid=knitted-jacket jacket=blazer,               mid=knitted-jacket jacket=blazer",
        "mid=knitted-jacket coat=duster,                 jacket=knitted-jacket coat=duster",
        "top=fine-knit bottom=slip-dress coat=poncho,    onepiece=slip-dress mid=fine-knit coat=poncho"
    })
    void readsWhatLooksTheSameInOneWay(String worn, String read) {
        Outfit outfit = outfit(worn);
        assertThat(words(Reading.of(outfit))).isEqualTo(words(outfit(read)));
        assertThat(Reading.counts(outfit.worn())).isEqualTo(words(outfit).equals(words(outfit(read))));
    }

    /** A reading is final, has the same pieces, and keeps what is over what. */
    @Test
    void readsAnyOutfit() {
        int changed = 0;
        for (int seed = 0; seed < OUTFITS; seed++) {
            Outfit outfit = random(new RandomWardrobes(seed).ofSeveralRoles(8), new Random(seed));
            Outfit read = Reading.of(outfit);
            assertThat(Reading.counts(read.worn())).as("%s", outfit).isTrue();
            assertThat(words(Reading.of(read))).isEqualTo(words(read));
            assertThat(pieces(read)).hasSameElementsAs(pieces(outfit));
            assertThat(layers(read)).as("%s", outfit).endsWith(layers(outfit).toArray(PieceId[]::new));
            changed += Reading.counts(outfit.worn()) ? 0 : 1;
        }
        assertThat(changed).isGreaterThan(OUTFITS / 10);
    }

    private static Outfit random(List<Piece> pieces, Random random) {
        Map<Slot, Worn> worn = new EnumMap<>(Slot.class);
        for (Piece piece : pieces) {
            if (!piece.roles().isEmpty()) {
                Slot slot = piece.roles().get(random.nextInt(piece.roles().size()));
                worn.putIfAbsent(slot, Worn.of(slot, piece));
            }
        }
        return Outfit.of(worn.values());
    }

    private static Outfit outfit(String words) {
        List<Worn> worn = new ArrayList<>();
        for (String word : words.split(" ")) {
            String[] parts = word.split("=");
            Slot slot = Arrays.stream(Slot.values())
                    .filter(one -> one.id().equals(parts[0]))
                    .findFirst()
                    .orElseThrow();
            Piece piece = Piece.of(
                    new PieceId(parts[1]), Kinds.shipped().find(parts[1]).orElseThrow(), Map.of());
            worn.add(Worn.of(slot, piece));
        }
        return Outfit.of(worn);
    }

    private static String words(Outfit outfit) {
        return outfit.worn().stream()
                .map(worn -> worn.slot().id() + "=" + worn.piece().id().value())
                .collect(Collectors.joining(" "));
    }

    private static List<PieceId> pieces(Outfit outfit) {
        return outfit.worn().stream().map(worn -> worn.piece().id()).toList();
    }

    private static List<PieceId> layers(Outfit outfit) {
        return outfit.worn().stream()
                .filter(worn -> Slot.LAYERS.contains(worn.slot()))
                .map(worn -> worn.piece().id())
                .toList();
    }
}
