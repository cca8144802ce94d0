package jomble.server.photo;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Base64;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.zip.CRC32;
import javax.imageio.ImageIO;
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
class PhotosTest {
    /** The smallest lossy WebP there is: one pixel. */
    private static final String WEBP = "UklGRiQAAABXRUJQVlA4IBgAAAAwAQCdASoBAAEAAwA0JaQAA3AA/vuUAAA=";

    private Caller stylist;
    private String client;
    private String photos;

    @BeforeEach
    void newPiece(Jomble jomble) {
        stylist = jomble.stylist();
        client = stylist.newClient();
        stylist.post(client + "/pieces", Map.of("id", "a", "kind", "shirt"));
        photos = client + "/pieces/a/photos";
        stylist.put(client + "/brief", Map.of("set", Map.of("photoConsent", "2027-01-05")));
    }

    private Answer withdrawConsent(Map<String, Object> decision) {
        Map<String, Object> set = new HashMap<>();
        set.put("photoConsent", null);
        Map<String, Object> change = new HashMap<>(decision);
        change.put("set", set);
        return stylist.put(client + "/brief", change);
    }

    @Test
    void needsTheClientsConsent() throws IOException {
        Object id = stylist.sendBytes(photos, picture("png")).at("id");
        String address = client + "/photos/" + id + "/small.jpg";
        Answer undecided = withdrawConsent(Map.of());
        assertThat(undecided.status()).isEqualTo(409);
        assertThat(undecided.json()).containsEntry("code", "photos-undecided");
        assertThat(undecided.at("detail").toString()).contains("1 photos");
        assertThat(stylist.get(address).status()).as("nothing was changed").isEqualTo(200);

        assertThat(withdrawConsent(Map.of("photos", "keep")).status()).isEqualTo(200);
        Answer refused = stylist.sendBytes(photos, picture("png"));
        assertThat(refused.status()).isEqualTo(409);
        assertThat(refused.json()).containsEntry("code", "no-consent");
        assertThat(stylist.get(address).json()).containsEntry("code", "no-consent");
        assertThat(stylist.get(photos).list()).isEmpty();

        stylist.put(client + "/brief", Map.of("set", Map.of("photoConsent", "2027-01-06")));
        assertThat(stylist.get(address).status()).as("kept unseen").isEqualTo(200);
        assertThat(withdrawConsent(Map.of("photos", "delete")).status()).isEqualTo(200);
        stylist.post(client + "/undo", null);
        assertThat(stylist.get(client + "/brief").at("brief", "photoConsent")).isEqualTo("2027-01-06");
        assertThat(stylist.get(address).status()).as("deleted for good").isEqualTo(404);
    }

    @Test
    void anEmptyFileIsNoPhoto() {
        Answer refused = stylist.sendBytes(photos, new byte[0]);
        assertThat(refused.status()).isEqualTo(415);
        assertThat(refused.json()).containsEntry("code", "empty-photo");
    }

    @Test
    void aPieceHasTwentyPhotosAtMost() throws IOException {
        byte[] small = Base64.getDecoder().decode(WEBP);
        for (int i = 0; i < 20; i++) {
            assertThat(stylist.sendBytes(photos, small).status()).isEqualTo(201);
        }
        assertThat(stylist.sendBytes(photos, small).json()).containsEntry("code", "too-many");
    }

    private static byte[] picture(String format) throws IOException {
        BufferedImage image = new BufferedImage(1900, 1200, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = image.createGraphics();
        g.setColor(new Color(0xd8d5cf));
        g.fillRect(0, 0, 1900, 1200);
        g.setColor(new Color(0x22304d));
        g.fillRect(500, 200, 900, 800);
        g.dispose();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(image, format, out);
        return out.toByteArray();
    }

    @ParameterizedTest
    @ValueSource(strings = {"jpg", "png"})
    void keepsAPhotoInThreeSizesAndProposesTheGarmentsColour(String format) throws IOException {
        Answer kept = stylist.sendBytes(photos, picture(format));
        assertThat(kept.status()).as(kept.text()).isEqualTo(201);
        assertThat(kept.at("colours", 0, "name")).isEqualTo("navy");
        assertThat((List<?>) kept.at("colours")).hasSize(1);
        for (Map.Entry<String, Integer> size :
                Map.of("small", 160, "medium", 640, "large", 1600).entrySet()) {
            byte[] jpeg = stylist.bytes(client + "/photos/" + kept.at("id") + "/" + size.getKey() + ".jpg");
            assertThat(ImageIO.read(new ByteArrayInputStream(jpeg)).getWidth()).isEqualTo(size.getValue());
        }
        assertThat(stylist.get(photos).list()).hasSize(1);
        assertThat(stylist.delete(client + "/photos/" + kept.at("id")).status()).isEqualTo(204);
        assertThat(stylist.get(photos).list()).isEmpty();
    }

    @Test
    void photosGoWithTheirPieceAndComeBackWithIt() {
        byte[] file = Base64.getDecoder().decode(WEBP);
        Object photo = stylist.sendBytes(photos, file).at("id");
        assertThat(stylist.sendBytes(client + "/pieces/nowhere/photos", file).status())
                .isEqualTo(404);
        stylist.delete(client + "/pieces/a");
        assertThat(stylist.get(photos).status()).isEqualTo(404);
        assertThat(stylist.get(client + "/photos/" + photo + "/small.jpg").status())
                .isEqualTo(404);
        stylist.post(client + "/pieces", Map.of("id", "a", "kind", "jeans"));
        assertThat(stylist.get(photos).list()).as("of another piece").isEmpty();
        stylist.post(client + "/undo", Map.of());
        stylist.post(client + "/undo", Map.of());
        assertThat(stylist.get(photos).list()).extracting(one -> one.get("id")).containsExactly(photo);
        stylist.post(client + "/redo", Map.of());
        assertThat(stylist.get(photos).status()).isEqualTo(404);
        stylist.post(client + "/undo", Map.of());
        assertThat(stylist.get(photos).list()).hasSize(1);
    }

    @Test
    void readsWebP() {
        assertThat(stylist.sendBytes(photos, Base64.getDecoder().decode(WEBP)).status())
                .isEqualTo(201);
    }

    @Test
    void stripsWhatTheCameraWroteIntoTheFile() throws IOException {
        byte[] plain = picture("jpg");
        byte[] secret = "Exif\0\0II*\0\010\0\0\0\0\0 harbour street 7".getBytes(StandardCharsets.ISO_8859_1);
        ByteArrayOutputStream tagged = new ByteArrayOutputStream();
        tagged.write(plain, 0, 2);
        tagged.write(new byte[] {(byte) 0xff, (byte) 0xe1, 0, (byte) (secret.length + 2)});
        tagged.write(secret);
        tagged.write(plain, 2, plain.length - 2);
        Answer kept = stylist.sendBytes(photos, tagged.toByteArray());
        byte[] jpeg = stylist.bytes(client + "/photos/" + kept.at("id") + "/large.jpg");
        assertThat(new String(jpeg, StandardCharsets.ISO_8859_1)).doesNotContain("harbour", "Exif");
    }

    /** Compressed texts may unpack to gigabytes; damaged ones would refuse the picture. Neither is looked at. */
    @ParameterizedTest
    @ValueSource(strings = {"zTXt", "iTXt", "tEXt", "iCCP"})
    void readsNoTextsOfAPng(String chunk) throws IOException {
        byte[] png = picture("png");
        byte[] text = "Comment\0\0 this is nothing that could be unpacked".getBytes(StandardCharsets.US_ASCII);
        ByteBuffer whole = ByteBuffer.allocate(png.length + text.length + 12);
        whole.put(png, 0, 33)
                .putInt(text.length)
                .put(chunk.getBytes(StandardCharsets.US_ASCII))
                .put(text);
        whole.putInt(0).put(png, 33, png.length - 33);
        Answer kept = stylist.sendBytes(photos, whole.array());
        assertThat(kept.status()).as(kept.text()).isEqualTo(201);
    }

    @Test
    void refusesWhatIsNoPhotoAndKeepsNothing() throws IOException {
        byte[] text = "I am a picture.jpg, honestly".getBytes(StandardCharsets.UTF_8);
        assertThat(stylist.sendBytes(photos, text).json())
                .containsEntry("status", 415)
                .containsEntry("code", "not-a-photo");
        byte[] jpeg = picture("jpg");
        assertThat(stylist.sendBytes(photos, Arrays.copyOf(jpeg, 300)).at("code"))
                .isEqualTo("broken-photo");
        assertThat(stylist.sendBytes(photos, bomb()).json()).containsEntry("status", 413);
        assertThat(stylist.sendBytes(photos, new byte[16_000_000]).status()).isEqualTo(413);
        assertThat(stylist.get(photos).list()).isEmpty();
    }

    /** A PNG of a few bytes whose header promises 64 megapixels. */
    private static byte[] bomb() throws IOException {
        byte[] png = picture("png");
        byte[] side = {0, 0, 0x1f, 0x40};
        System.arraycopy(side, 0, png, 16, 4);
        System.arraycopy(side, 0, png, 20, 4);
        CRC32 crc = new CRC32();
        crc.update(png, 12, 17);
        for (int i = 0; i < 4; i++) {
            png[29 + i] = (byte) (crc.getValue() >> 24 - 8 * i);
        }
        return png;
    }

    /** Every picture of the shipped camera is taken, and shows colours that its name promises. */
    @Test
    void takesAPictureFromTheCamera() {
        List<?> pictures = (List<?>) stylist.get("/api/v1/camera").at();
        assertThat(pictures).hasSizeGreaterThan(9);
        for (Object picture : pictures) {
            Answer taken = stylist.post(photos + "/from-camera", Map.of("picture", picture));
            assertThat(taken.status()).as(picture.toString()).isEqualTo(201);
            assertThat((List<?>) taken.at("colours")).as(picture.toString()).isNotEmpty();
        }
        assertThat(stylist.post(photos + "/from-camera", Map.of("picture", "../application.yaml"))
                        .status())
                .isEqualTo(404);
    }
}
