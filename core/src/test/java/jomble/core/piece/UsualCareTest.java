package jomble.core.piece;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import jomble.core.document.WardrobeReader;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What is cleaned how, unless somebody says otherwise. */
class UsualCareTest {
    @ParameterizedTest(name = "{0} of {1} {2}: {3}")
    @CsvSource(
            nullValues = "-",
            value = {
                "blazer,            worsted,    wool,      dry-clean",
                "blazer,            twill,      cotton,    dry-clean",
                "blazer,            tweed,      wool,      dry-clean",
                "wool-coat,         flannel,    wool,      dry-clean",
                "tailored-trousers, worsted,    wool,      dry-clean",
                "tailored-trousers, twill,      cotton,    machine",
                "knee-skirt,        tweed,      wool,      dry-clean",
                "sheath-dress,      crepe,      wool,      dry-clean",
                "sheath-dress,      crepe,      viscose,   machine",
                "slip-dress,        satin,      silk,      dry-clean",
                "sari,              satin,      silk,      dry-clean",
                "blouse,            crepe,      silk,      hand",
                "blouse,            satin,      polyester, hand",
                "shirt,             poplin,     cotton,    machine",
                "evening-dress,     velvet,     viscose,   dry-clean",
                "fine-knit,         fine-knit,  cashmere,  hand",
                "fine-knit,         fine-knit,  cotton,    machine",
                "knitted-jacket,    chunky-knit, wool,     hand",
                "denim-jacket,      denim,      cotton,    machine",
                "leather-jacket,    leather,    leather,   wipe",
                "raincoat,          rubber,     rubber,    wipe",
                "parka,             twill,      cotton,    machine",
                "down-coat,         quilted,    polyamide, machine",
                "scarf,             fine-knit,  wool,      hand",
                "scarf,             plain-weave, cotton,   machine",
                "tie,               satin,      silk,      dry-clean",
                "belt,              leather,    leather,   wipe",
                "tote-bag,          canvas,     cotton,    wipe",
                "loafers,           suede,      suede,     wipe"
            })
    void isByWhatTheThingIs(String kind, String cloth, String fibre, String method) {
        assertThat(care(Map.of(
                                "id",
                                "p",
                                "kind",
                                kind,
                                "cloth",
                                cloth,
                                "fibres",
                                List.of(Map.of("fibre", fibre, "percent", 100))))
                        .method()
                        .id())
                .isEqualTo(method);
    }

    private static Care care(Map<String, Object> piece) {
        return WardrobeReader.read(Map.of("pieces", List.of(piece)), Kinds.shipped())
                .pieces()
                .get(0)
                .get(Attribute.CARE_NEEDS);
    }
}
