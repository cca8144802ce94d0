package jomble.server.exchange;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import jomble.server.running.Caller;
import jomble.server.running.Caller.Answer;
import jomble.server.running.Jomble;
import jomble.server.running.RunningJomble;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

@ExtendWith(RunningJomble.class)
@Tag("writes")
class InventoryTest {
    private static final String[] AS_CSV = {"Content-Type", "text/csv"};

    private Caller stylist;
    private String client;

    @BeforeEach
    void newClient(Jomble jomble) {
        stylist = jomble.stylist();
        client = stylist.newClient();
    }

    private Answer preview(String csv) {
        return stylist.sendText("POST", client + "/inventory/preview", csv, AS_CSV);
    }

    private Answer apply(String csv, String query) {
        return stylist.sendText("POST", client + "/inventory" + query, csv, AS_CSV);
    }

    @Test
    void saysForEveryRowWhatWillHappenBeforeAnythingIsSaved() {
        String csv = "\uFEFFid;kind;label;colours;cloth\r\n"
                + "a;shirt;\"White; with a\r\nsecond line and \"\"quotes\"\"\";white;poplin\r\n"
                + "b;jeens;;;\r\n"
                + ";loafers;قميص 👞;brown;suede\r\n"
                + "a;blouse;;;\r\n";
        Answer preview = preview(csv);
        assertThat(preview.status()).as(preview.text()).isEqualTo(200);
        assertThat(preview.json()).containsEntry("add", 2).containsEntry("refuse", 2);
        assertThat(preview.at("rows", 0, "label")).isEqualTo("White; with a\r\nsecond line and \"quotes\"");
        assertThat(preview.at("rows", 1, "problems", 0, "pointer")).isEqualTo("/kind");
        assertThat(preview.at("rows", 1, "problems", 0, "message").toString()).contains("did you mean \"jeans\"?");
        assertThat(preview.at("rows", 2, "label")).isEqualTo("قميص 👞");
        assertThat(preview.at("rows", 3, "problems", 0, "message").toString()).contains("row 1 has the same id");
        assertThat(stylist.get(client + "/pieces").list()).isEmpty();

        Answer whole = apply(csv, "");
        assertThat(whole.status()).isEqualTo(409);
        assertThat(whole.at("detail").toString()).startsWith("Row 2, /kind");
        assertThat(stylist.get(client + "/pieces").list()).isEmpty();

        assertThat(apply(csv, "?goodOnly=true").json()).containsEntry("added", 2);
        assertThat(stylist.get(client + "/pieces").list()).hasSize(2);
        stylist.post(client + "/undo", Map.of());
        assertThat(stylist.get(client + "/pieces").list()).isEmpty();
        assertThat(stylist.post(client + "/redo", Map.of()).json()).containsEntry("entries", 2);
        assertThat(stylist.get(client + "/pieces").list()).hasSize(2);
    }

    @Test
    void whatGoesOutComesInUnchanged(Jomble jomble) {
        Object ines = stylist.get("/api/v1/clients").list().stream()
                .filter(c -> c.get("name").equals("Ines Halvard"))
                .findFirst()
                .orElseThrow()
                .get("id");
        String csv = stylist.get("/api/v1/clients/" + ines + "/inventory.csv").text();
        Answer same = stylist.sendText("POST", "/api/v1/clients/" + ines + "/inventory/preview", csv, AS_CSV);
        assertThat(same.json()).containsEntry("same", 64).containsEntry("refuse", 0);
        String changed = csv.replaceFirst("White poplin shirt", "Ivory poplin shirt");
        assertThat(stylist.sendText("POST", "/api/v1/clients/" + ines + "/inventory/preview", changed, AS_CSV)
                        .json())
                .containsEntry("change", 1)
                .containsEntry("same", 63);
    }

    /** The headings of the screen and other usual words are columns too; an export spells out labels and says whose it is. */
    @Test
    void takesTheHeadingsOfTheScreenAndTellsWhoseItIs() {
        Answer read = preview(
                "Type,Piece,Color,Price,Outfits,heel cm\ncourt shoes,Best ones,navy,49.50 EUR,12,7\nquux,Odd one,red,,,\n");
        assertThat(read.json()).containsEntry("add", 1).containsEntry("refuse", 1);
        assertThat(read.at("rows", 0, "label")).isEqualTo("Best ones");
        assertThat(read.at("rows", 1, "label")).as("a refused row has a name").isEqualTo("Odd one");
        stylist.post(client + "/pieces", Map.of("id", "a", "kind", "shirt", "colours", List.of("#22304d")));
        Answer export = stylist.get(client + "/inventory.csv");
        assertThat(export.text()).contains("Navy shirt");
        assertThat(export.headers().firstValue("Content-Disposition").orElseThrow())
                .contains(
                        "inventory",
                        URLEncoder.encode((String) stylist.get(client).at("name"), StandardCharsets.UTF_8)
                                .replace("+", "%20"));
        assertThat(preview(export.text()).json()).containsEntry("same", 1);
    }

    /** What a spreadsheet would run is marked on its way out, and the mark is taken off on its way in. */
    @ParameterizedTest
    @ValueSource(strings = {"=1+1", "+49 555", "-2", "@here", "'=1", "''-x", "'quoted'", "plain"})
    void noCellIsAFormula(String label) {
        stylist.post(client + "/pieces", Map.of("id", "a", "kind", "shirt", "notes", label));
        String csv = stylist.get(client + "/inventory.csv").text();
        assertThat(csv.lines().skip(1).flatMap(line -> Stream.of(line.split("[,\"]"))))
                .noneMatch(cell -> cell.matches("[=+\\-@\t].*"));
        assertThat(preview(csv).json()).containsEntry("same", 1);
    }

    @Test
    void refusesWhatIsNoTable() {
        assertThat(preview("kind,label\nshirt,\"open").at("errors", 0, "code")).isEqualTo("not-csv");
        assertThat(preview("").at("errors", 0, "code")).isEqualTo("empty");
        String wide = "kind," + "x,".repeat(199) + "x\nshirt" + ",".repeat(200);
        assertThat(preview(wide).at("errors", 0, "code")).isEqualTo("unknown-column");
        Answer tooWide = preview("x,".repeat(100_000) + "x\n");
        assertThat(tooWide.at("errors", 0, "code")).isEqualTo("too-many");
        assertThat(tooWide.at("errors", 0, "pointer")).isEqualTo("/header");
        assertThat(preview("kind\nshirt,1,2").at("rows", 0, "problems", 0, "code"))
                .isEqualTo("too-many-cells");
    }

    @Test
    @Tag("one-instance")
    void readsTwentyThousandRows() {
        StringBuilder csv = new StringBuilder("id,kind,label,colours\n");
        for (int i = 0; i < 20_000; i++) {
            csv.append("r").append(i).append(",t-shirt,Tee ").append(i).append(",white\n");
        }
        assertThat(preview(csv.toString()).json()).containsEntry("add", 20_000).containsEntry("refuse", 0);
        assertThat(apply(csv.toString(), "").json()).containsEntry("added", 20_000);
        assertThat(stylist.post(client + "/undo", Map.of()).json()).containsEntry("entries", 20_000);
        assertThat(stylist.get(client + "/document").at("pieces")).isEqualTo(List.of());
    }
}
