package jomble.server.backup;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Path;
import java.security.DigestInputStream;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HashSet;
import java.util.HexFormat;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipFile;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.json.JsonMapper;

/**
 * An archive that was checked: a ZIP file with a manifest and the rows of each table as lines of JSON. It holds data
 * and no commands, so reading one can do no more than fill tables.
 */
final class Archive implements AutoCloseable {
    static final String MANIFEST = "manifest.json";
    static final JsonMapper JSON = JsonMapper.builder()
            .enable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
            .enable(DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES)
            .build();

    private static final int LONGEST_MANIFEST = 1_000_000;
    /** More than a studio's photos take; what claims to unpack to more is no backup of ours. */
    private static final long MOST_BYTES = 200_000_000_000L;

    private final ZipFile zip;
    private final Manifest manifest;

    private Archive(ZipFile zip, Manifest manifest) {
        this.zip = zip;
        this.manifest = manifest;
    }

    /**
     * Opens an archive and reads all of it once.
     *
     * @param newestSchema the number of the newest migration this application has
     * @throws BackupException when it is not whole, not ours, or newer
     */
    static Archive checked(Path file, int newestSchema) throws BackupException {
        ZipFile zip;
        try {
            zip = new ZipFile(file.toFile());
        } catch (ZipException e) {
            throw new BackupException(file + " is no whole backup", e);
        } catch (IOException e) {
            throw new BackupException(file + " cannot be read", e);
        }
        try {
            Archive archive = new Archive(zip, manifest(zip, file));
            archive.check(file, newestSchema);
            return archive;
        } catch (BackupException e) {
            close(zip);
            throw e;
        } catch (IOException e) {
            close(zip);
            throw new BackupException(file + " is damaged", e);
        }
    }

    Manifest manifest() {
        return manifest;
    }

    InputStream rows(Manifest.Table table) throws IOException {
        return zip.getInputStream(zip.getEntry(table.entry()));
    }

    private static Manifest manifest(ZipFile zip, Path file) throws BackupException, IOException {
        ZipEntry entry = zip.getEntry(MANIFEST);
        if (entry == null) {
            throw new BackupException(file + " is no backup: it has no manifest");
        }
        try (InputStream in = zip.getInputStream(entry)) {
            byte[] text = in.readNBytes(LONGEST_MANIFEST);
            int format = JSON.readTree(text).path("format").asInt(0);
            if (format > Manifest.FORMAT) {
                throw new BackupException(file + " was written by a newer version");
            }
            Manifest manifest = JSON.readValue(text, Manifest.class);
            if (manifest.format() != Manifest.FORMAT
                    || manifest.tables() == null
                    || manifest.tables().isEmpty()) {
                throw new BackupException(file + " has a manifest that lists nothing");
            }
            return manifest;
        } catch (JacksonException e) {
            throw new BackupException(file + " has a manifest that cannot be read", e);
        }
    }

    private void check(Path file, int newestSchema) throws BackupException, IOException {
        if (manifest.schema() > newestSchema) {
            throw new BackupException(file + " was written by a newer version");
        }
        checkEntries(file);
        long total = 0;
        for (Manifest.Table table : manifest.tables()) {
            total += table.bytes();
            if (table.bytes() < 0 || total > MOST_BYTES) {
                throw new BackupException(file + " says that it is too large to be unpacked");
            }
            if (!isWhole(table)) {
                throw new BackupException(file + " is damaged: the table " + table.name() + " is not what was written");
            }
        }
    }

    /** The files of the archive are those of its manifest, no more and no less. */
    private void checkEntries(Path file) throws BackupException {
        List<String> there = zip.stream().map(ZipEntry::getName).toList();
        Set<String> listed = manifest.tables().stream()
                .map(Manifest.Table::entry)
                .collect(Collectors.toCollection(LinkedHashSet::new));
        listed.add(MANIFEST);
        Set<String> strange = new TreeSet<>(there);
        strange.removeAll(listed);
        if (!strange.isEmpty()) {
            throw new BackupException(
                    file + " holds what no backup has: " + strange.iterator().next());
        }
        Set<String> missing = new TreeSet<>(listed);
        there.forEach(missing::remove);
        boolean isTwice = there.size() != new HashSet<>(there).size()
                || listed.size() != manifest.tables().size() + 1;
        if (!missing.isEmpty() || isTwice) {
            throw new BackupException(file + " is damaged: its files are not those of its manifest");
        }
    }

    /** Reads no more than the manifest says, however much is packed. */
    private boolean isWhole(Manifest.Table table) throws IOException {
        MessageDigest sha256 = sha256();
        try (InputStream in = new DigestInputStream(rows(table), sha256)) {
            byte[] part = new byte[65_536];
            long read = 0;
            for (int n = in.read(part); n >= 0; n = in.read(part)) {
                read += n;
                if (read > table.bytes()) {
                    return false;
                }
            }
            return read == table.bytes()
                    && HexFormat.of().formatHex(sha256.digest()).equals(table.sha256());
        }
    }

    static MessageDigest sha256() {
        try {
            return MessageDigest.getInstance("SHA-256");
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }

    private static void close(ZipFile zip) {
        try {
            zip.close();
        } catch (IOException e) {
            // It was only read.
        }
    }

    @Override
    public void close() {
        close(zip);
    }
}
