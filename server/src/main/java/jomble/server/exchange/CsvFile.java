package jomble.server.exchange;

import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import jomble.core.document.InventoryTable;
import jomble.core.piece.Attribute;
import jomble.core.piece.Kinds;
import jomble.core.piece.Piece;
import jomble.core.piece.PieceId;
import jomble.core.tree.InvalidInputException;
import jomble.core.tree.Problem;
import org.apache.commons.csv.CSVException;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;

/** An inventory as CSV (RFC 4180): UTF-8 with or without a byte order mark, comma, semicolon or tab, a header row. */
final class CsvFile {
    private static final int MOST_ROWS = 25_000;
    private static final int MOST_COLUMNS = 300;
    private static final int LONGEST_NAME = 60;
    /** Cells a spreadsheet would run as a formula, with or without marks before them. */
    private static final Pattern FORMULA = Pattern.compile("'*[=+\\-@\t\r].*", Pattern.DOTALL);

    private static final String MARK = "'";

    private CsvFile() {}

    /**
     * A parsed row.
     *
     * @param number the first row after the header is 1
     * @param name the piece's name as far as the row gives one; may be empty
     * @param piece null when there are problems
     * @param named whether the row has an id; otherwise that of the piece is the one it would get
     */
    record Row(int number, String name, Piece piece, boolean named, List<Problem> problems) {}

    /** @throws InvalidInputException when the file as a whole cannot be read: its encoding, its quotes, its header */
    static List<Row> read(byte[] bytes, long firstFreeNumber, Kinds kinds) {
        String text = bytes == null ? "" : decode(bytes);
        String firstLine = text.lines().findFirst().orElse("");
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setDelimiter(delimiter(firstLine))
                .setIgnoreEmptyLines(true)
                .get();
        try (CSVParser parser = CSVParser.parse(new StringReader(text), format)) {
            List<CSVRecord> lines = new ArrayList<>();
            for (CSVRecord line : parser) {
                if (line.size() > MOST_COLUMNS) {
                    String where = lines.isEmpty() ? "/header" : "/rows/" + lines.size();
                    throw refused(where, "too-many", "at most " + MOST_COLUMNS + " columns, here are " + line.size());
                }
                if (lines.size() > MOST_ROWS) {
                    throw refused("/rows", "too-many", "at most " + MOST_ROWS + " rows are read at once");
                }
                lines.add(line);
            }
            if (lines.isEmpty()) {
                throw refused("/header", "empty", "the file is empty; a header row with at least \"kind\" is expected");
            }
            return rows(lines, firstFreeNumber, kinds);
        } catch (CSVException | UncheckedIOException e) {
            throw refused("/rows", "not-csv", "this is no CSV: a quote is opened and not closed, or text follows it");
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static List<Row> rows(List<CSVRecord> lines, long firstFreeNumber, Kinds kinds) {
        List<String> header = InventoryTable.header(lines.get(0).toList());
        List<Map<String, String>> table = new ArrayList<>();
        long number = firstFreeNumber;
        for (CSVRecord line : lines.subList(1, lines.size())) {
            Map<String, String> cells = cells(line, header);
            table.add(cells);
            number = Math.max(
                    number, PieceId.numberIn(cells.getOrDefault("id", "").strip()) + 1);
        }
        List<Row> rows = new ArrayList<>();
        Map<PieceId, Integer> seen = new LinkedHashMap<>();
        for (Map<String, String> cells : table) {
            boolean named = !cells.getOrDefault("id", "").isBlank();
            String id = named ? "" : "p" + number++;
            CSVRecord line = lines.get(rows.size() + 1);
            rows.add(row(line, header, cells, rows.size() + 1, id, named, seen, kinds));
        }
        return rows;
    }

    private static Map<String, String> cells(CSVRecord line, List<String> header) {
        Map<String, String> cells = new LinkedHashMap<>();
        for (int i = 0; i < Math.min(line.size(), header.size()); i++) {
            cells.put(header.get(i), unmarked(line.get(i)));
        }
        return cells;
    }

    private static String decode(byte[] bytes) {
        try {
            String text = StandardCharsets.UTF_8
                    .newDecoder()
                    .decode(ByteBuffer.wrap(bytes))
                    .toString();
            return text.startsWith("\uFEFF") ? text.substring(1) : text;
        } catch (CharacterCodingException e) {
            throw refused("", "not-utf-8", "the file is not UTF-8; save it as \"CSV UTF-8\" and try again");
        }
    }

    private static String delimiter(String line) {
        long semicolons = line.chars().filter(c -> c == ';').count();
        long commas = line.chars().filter(c -> c == ',').count();
        long tabs = line.chars().filter(c -> c == '\t').count();
        return tabs > Math.max(commas, semicolons) ? "\t" : semicolons > commas ? ";" : ",";
    }

    private static Row row(
            CSVRecord csv,
            List<String> header,
            Map<String, String> cells,
            int number,
            String id,
            boolean named,
            Map<PieceId, Integer> seen,
            Kinds kinds) {
        List<Problem> problems = new ArrayList<>();
        Piece piece = null;
        if (csv.size() > header.size()) {
            problems.add(new Problem(
                    "", "too-many-cells", "the row has " + csv.size() + " cells, the header " + header.size()));
        } else {
            try {
                piece = withoutDerivedLabel(InventoryTable.read(cells, id, kinds));
                Integer before = seen.putIfAbsent(piece.id(), number);
                if (before != null) {
                    problems.add(new Problem("/id", "id-twice", "row " + before + " has the same id"));
                    piece = null;
                }
            } catch (InvalidInputException e) {
                problems.addAll(e.problems());
            }
        }
        return new Row(number, nameOf(cells), piece, named, problems);
    }

    /** The piece with its label as an explicit attribute, as in an export. */
    static Piece withLabel(Piece piece) {
        Map<Attribute<?>, Object> set = new LinkedHashMap<>(piece.set());
        set.put(Attribute.LABEL, piece.label());
        return Piece.of(piece.id(), piece.kind(), set);
    }

    private static String nameOf(Map<String, String> cells) {
        String label = cells.getOrDefault("label", "").strip();
        String kind = (cells.getOrDefault("colours", "") + " " + cells.getOrDefault("kind", "")).strip();
        String name = label.isEmpty() ? kind : label;
        return name.length() <= LONGEST_NAME ? name : name.substring(0, LONGEST_NAME) + "…";
    }

    /** Exports write derived labels; reading one back must not turn it into a label set by hand. */
    private static Piece withoutDerivedLabel(Piece piece) {
        Map<Attribute<?>, Object> set = new LinkedHashMap<>(piece.set());
        if (set.remove(Attribute.LABEL) == null) {
            return piece;
        }
        Piece derived = Piece.of(piece.id(), piece.kind(), set);
        return derived.label().equals(piece.label()) ? derived : piece;
    }

    private static InvalidInputException refused(String pointer, String code, String message) {
        return new InvalidInputException(List.of(new Problem(pointer, code, message)));
    }

    /** Marks a cell a spreadsheet would otherwise run as a formula; reading removes one mark. */
    private static String marked(String cell) {
        return FORMULA.matcher(cell).matches() ? MARK + cell : cell;
    }

    private static String unmarked(String cell) {
        return cell.startsWith(MARK) && FORMULA.matcher(cell).matches() ? cell.substring(MARK.length()) : cell;
    }

    /** Writes the columns that some piece fills, and every label. */
    static String write(List<Piece> pieces) {
        List<List<String>> rows = pieces.stream()
                .map(CsvFile::withLabel)
                .map(InventoryTable::write)
                .toList();
        List<String> columns = InventoryTable.columns();
        List<Integer> used = new ArrayList<>();
        for (int i = 0; i < columns.size(); i++) {
            int at = i;
            if (i < 2 || rows.stream().anyMatch(row -> !row.get(at).isEmpty())) {
                used.add(i);
            }
        }
        StringBuilder text = new StringBuilder();
        try (CSVPrinter printer = new CSVPrinter(text, CSVFormat.RFC4180)) {
            printer.printRecord(used.stream().map(columns::get));
            for (List<String> row : rows) {
                printer.printRecord(used.stream().map(row::get).map(CsvFile::marked));
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return text.toString();
    }
}
