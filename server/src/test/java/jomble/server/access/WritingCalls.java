package jomble.server.access;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import javax.imageio.ImageIO;
import jomble.server.running.Caller;

/** Every call that changes what is stored, with a body and addresses that are right: it would be carried out. */
final class WritingCalls {
    /** A client with something of everything. */
    record Client(String path, Map<String, String> ids) {
        /** An address with the client and the entry of its sort named. */
        String address(String call) {
            String address = call.substring(call.indexOf(' ') + 1)
                    .replace("/api/v1/clients/{clientId}", path)
                    .replace("{ref}", "a")
                    .replace("{setId}", "s1");
            for (Map.Entry<String, String> id : ids.entrySet()) {
                address = address.replaceAll(
                        "/" + id.getKey() + "/\\{(id|name)}", "/" + id.getKey() + "/" + id.getValue());
            }
            return call.equals("DELETE /api/v1/clients/{clientId}/overrides") ? address + "?piece=a&piece=b" : address;
        }
    }

    private static final Map<String, Object> SLOTS = Map.of("top", "a", "bottom", "b");
    private static final Map<String, Object> FORMULA = Map.of("top", Map.of("kinds", List.of("shirt")));

    private WritingCalls() {}

    /** The right body of each call, by method and path as the OpenAPI document has them; null where there is none. */
    static Map<String, Object> bodies(Caller stylist, Client client) {
        String own = "/api/v1/clients/{clientId}";
        Map<String, Object> bodies = new LinkedHashMap<>();
        bodies.put("POST /api/v1/clients", Map.of("name", "Traceless"));
        bodies.put("PUT " + own + "/brief", Map.of("set", Map.of("notes", "other")));
        bodies.put(
                "POST " + own + "/capsules", Map.of("name", "C2", "pieces", List.of("a"), "wishes", Map.of("size", 3)));
        bodies.put("PATCH " + own + "/capsules/{id}", Map.of("name", "C3"));
        bodies.put("DELETE " + own + "/capsules/{id}", null);
        bodies.put(
                "PUT " + own + "/document",
                stylist.get(client.path() + "/document").json());
        bodies.put("POST " + own + "/formulas", Map.of("name", "F2", "slots", FORMULA));
        bodies.put("PATCH " + own + "/formulas/{id}", Map.of("name", "F3"));
        bodies.put("DELETE " + own + "/formulas/{id}", null);
        bodies.put("POST " + own + "/inventory", "kind\nshirt\n");
        bodies.put("POST " + own + "/overrides", Map.of("pieces", List.of("a", "b"), "decision", "approved"));
        bodies.put("DELETE " + own + "/overrides", null);
        bodies.put(
                "PUT " + own + "/palette",
                Map.of("base", List.of("#112233"), "accents", List.of(), "avoid", List.of()));
        bodies.put("DELETE " + own + "/photos/{id}", null);
        bodies.put("POST " + own + "/pieces", Map.of("kind", "shirt"));
        bodies.put(
                "POST " + own + "/pieces/change",
                Map.of("seen", seen(stylist, client), "set", Map.of("tags", List.of("x"))));
        bodies.put("POST " + own + "/pieces/delete", Map.of("seen", seen(stylist, client)));
        bodies.put("POST " + own + "/pieces/entries", Map.of("lines", List.of("shirt white")));
        bodies.put("POST " + own + "/pieces/entry", Map.of("line", "shirt white"));
        bodies.put("DELETE " + own + "/pieces/{ref}", null);
        bodies.put("PUT " + own + "/pieces/{ref}", Map.of("kind", "blouse"));
        bodies.put("POST " + own + "/pieces/{ref}/photos", picture());
        bodies.put(
                "POST " + own + "/pieces/{ref}/photos/from-camera",
                Map.of("picture", stylist.get("/api/v1/camera").at(0)));
        bodies.put("POST " + own + "/pieces/{ref}/words", Map.of("word", "glorb"));
        bodies.put("POST " + own + "/redo", null);
        bodies.put("PUT " + own + "/rules", Map.of("parameters", Map.of("colour.near-miss/clear-from", 8)));
        bodies.put("POST " + own + "/saved-outfits", Map.of("name", "O2", "slots", SLOTS));
        bodies.put("PATCH " + own + "/saved-outfits/{id}", Map.of("name", "O3"));
        bodies.put("DELETE " + own + "/saved-outfits/{id}", null);
        bodies.put(
                "PUT " + own + "/sets/{setId}",
                Map.of("kind", "suit", "label", "Other suit", "pieces", List.of("a", "b")));
        bodies.put("POST " + own + "/undo", null);
        bodies.put("POST " + own + "/visits", Map.of("date", "2027-01-04"));
        bodies.put("PATCH " + own + "/visits/{id}", Map.of("note", "other"));
        bodies.put("DELETE " + own + "/visits/{id}", null);
        bodies.put("POST " + own + "/wears", Map.of("pieces", List.of("a")));
        bodies.put("POST /api/v1/kinds", Map.of("name", "kind " + letters(), "like", "shirt"));
        bodies.put("PUT /api/v1/kinds/{id}/offered", Map.of("offered", false));
        bodies.put("POST /api/v1/occasion-templates", Map.of("name", "occasion " + UUID.randomUUID()));
        bodies.put("DELETE /api/v1/occasion-templates/{name}", null);
        bodies.put("PUT /api/v1/studio/rules", Map.of("parameters", Map.of("colour.near-miss/clear-from", 7)));
        return bodies;
    }

    static Client aClient(Caller stylist) {
        String path = stylist.newClient();
        Map<String, String> ids = new LinkedHashMap<>();
        stylist.put(path + "/brief", Map.of("set", Map.of("photoConsent", "2027-01-05")));
        stylist.post(path + "/pieces", Map.of("id", "a", "kind", "shirt", "unclear", List.of("glorb")));
        stylist.post(path + "/pieces", Map.of("id", "b", "kind", "jeans"));
        stylist.put(path + "/sets/s1", Map.of("kind", "suit", "label", "Suit", "pieces", List.of("a")));
        stylist.post(path + "/overrides", Map.of("pieces", List.of("a", "b"), "decision", "never"));
        stylist.post(path + "/wears", Map.of("pieces", List.of("a", "b")));
        ids.put(
                "photos",
                stylist.sendBytes(path + "/pieces/a/photos", picture()).at("id").toString());
        ids.put(
                "capsules",
                stylist.post(
                                path + "/capsules",
                                Map.of("name", "C", "pieces", List.of("a", "b"), "wishes", Map.of("size", 3)))
                        .at("id")
                        .toString());
        ids.put(
                "saved-outfits",
                stylist.post(path + "/saved-outfits", Map.of("name", "O", "slots", SLOTS))
                        .at("id")
                        .toString());
        ids.put(
                "formulas",
                stylist.post(path + "/formulas", Map.of("name", "F", "slots", FORMULA))
                        .at("id")
                        .toString());
        ids.put(
                "visits",
                stylist.post(path + "/visits", Map.of("date", "2027-01-03"))
                        .at("id")
                        .toString());
        String mark = letters();
        ids.put(
                "kinds",
                stylist.post("/api/v1/kinds", Map.of("name", "sort " + mark, "like", "shirt"))
                        .at("id")
                        .toString());
        stylist.post("/api/v1/occasion-templates", Map.of("name", "template " + mark));
        ids.put(
                "occasion-templates",
                URLEncoder.encode("template " + mark, StandardCharsets.UTF_8).replace("+", "%20"));
        stylist.post(path + "/wears", Map.of("pieces", List.of("b")));
        stylist.post(path + "/undo", null);
        return new Client(path, ids);
    }

    private static Map<String, Object> seen(Caller stylist, Client client) {
        Map<String, Object> seen = new LinkedHashMap<>();
        stylist.get(client.path() + "/pieces")
                .list()
                .forEach(piece -> seen.put(piece.get("id").toString(), piece.get("version")));
        return seen;
    }

    /** Twelve letters nobody had before; the name of a kind has no digits. */
    private static String letters() {
        return UUID.randomUUID()
                .toString()
                .substring(24)
                .chars()
                .mapToObj(c -> String.valueOf((char) (Character.isDigit(c) ? 'g' + c - '0' : c)))
                .collect(Collectors.joining());
    }

    private static byte[] picture() {
        try {
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            ImageIO.write(new BufferedImage(40, 40, BufferedImage.TYPE_INT_RGB), "png", out);
            return out.toByteArray();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
