package cufflink.files.layout;

import cufflink.cut.Along;
import cufflink.cut.CutJob;
import cufflink.cut.CutPiece;
import cufflink.cut.Half;
import cufflink.cut.StockSheet;
import cufflink.files.csv.CsvRow;
import cufflink.files.csv.CsvTable;
import cufflink.measure.Length;
import cufflink.measure.LengthParser;
import cufflink.measure.LengthUnit;
import cufflink.paper.GrainRule;
import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import cufflink.words.TableWords;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.Stream;

/**
 * Reads a bare cutting job from two tables: pieces {@code id,quantity,width,height,material,direction} and stock
 * {@code id,material,width,height,count,offcut,direction}. A piece's direction is {@code yes} (it may not turn),
 * {@code no}, or the side its long fold runs along ({@code width}, {@code height}); a stock's is {@code yes} (its
 * pattern stands upright, so nothing cut from it turns), {@code no}, or the side its grain runs along. An empty count
 * is as many as needed.
 */
public final class CutJobReader {
    /** Pieces of a job at most, all copies counted. */
    public static final int MOST_PIECES = 5000;
    private static final int MOST_SHEETS = 100_000;
    /**
     * A number without a unit on a sheet larger than this is in millimetres: no sheet on a table is 40 in long, and
     * none is as small as 40 mm.
     */
    private static final double LARGEST_INCHES = 40;

    private final int copies;
    private final LengthUnit unit;
    private final List<Problem> problems = new ArrayList<>();

    private CutJobReader(int copies, LengthUnit unit) {
        this.copies = copies;
        this.unit = unit;
    }

    /**
     * The job, or every mistake in both files.
     *
     * @param copies how many times everything is wanted
     * @param unit   of numbers without one; absent: told from the size of the stock
     */
    public static Outcome<CutJob> read(Path pieces, Path stock, int copies, GrainRule grain,
            Optional<LengthUnit> unit) {
        Outcome<CsvTable> pieceTable = CsvTable.read(pieces, List.of("id", "quantity", "width", "height"));
        Outcome<CsvTable> stockTable = CsvTable.read(stock, List.of("id", "width", "height"));
        if (pieceTable.value().isEmpty() || stockTable.value().isEmpty()) {
            return Outcome
                    .failed(Stream.concat(pieceTable.problems().stream(), stockTable.problems().stream()).toList());
        }
        LengthUnit plain = unit.orElseGet(() -> unit(stockTable.value().get()));
        return new CutJobReader(copies, plain).job(pieceTable.value().get(), stockTable.value().get(), grain);
    }

    /** The unit of numbers without one in this stock. */
    public static LengthUnit unit(CsvTable stock) {
        Length limit = Length.nearestToMillimetres(LARGEST_INCHES);
        boolean large = stock.rows().stream().flatMap(row -> Stream.of(row.text("width"), row.text("height")))
                .filter(text -> text.matches("[\\d.,]+"))
                .anyMatch(text -> LengthParser.read(text, LengthUnit.MILLIMETRE).value()
                        .filter(size -> size.isLongerThan(limit)).isPresent());
        return large ? LengthUnit.MILLIMETRE : LengthUnit.INCH;
    }

    private Outcome<CutJob> job(CsvTable pieceTable, CsvTable stockTable, GrainRule grain) {
        List<CutPiece> pieces = new ArrayList<>();
        List<StockSheet> stock = new ArrayList<>();
        Set<String> ids = new HashSet<>();
        pieceTable.rows().forEach(row -> pieces.add(piece(row, ids)));
        ids.clear();
        stockTable.rows().forEach(row -> stock.add(sheet(row, ids)));
        if (pieces.isEmpty()) {
            problems.add(Problem.error(pieceTable.name(), TableWords.NO_PIECE.of()));
        }
        long total = pieces.stream().mapToLong(CutPiece::quantity).sum();
        if (total > MOST_PIECES) {
            problems.add(Problem.error(pieceTable.name(),
                    TableWords.TOO_MANY_PIECES.of("pieces", total, "most", MOST_PIECES)));
        }
        if (!problems.isEmpty()) {
            return Outcome.failed(problems);
        }
        return Outcome.of(new CutJob(pieces, stock, grain, Optional.empty()), strangers(pieces, stock));
    }

    /** Pieces of a paper that the stock does not have. */
    private static List<Problem> strangers(List<CutPiece> pieces, List<StockSheet> stock) {
        return pieces.stream()
                .filter(piece -> stock.stream().noneMatch(sheet -> piece.materials().contains(sheet.material())))
                .map(piece -> Problem.notice(piece.id(), TableWords.NO_STOCK.of("material", piece.materials().get(0))))
                .toList();
    }

    private CutPiece piece(CsvRow row, Set<String> ids) {
        int quantity = row.count("quantity", 1, MOST_PIECES, problems).orElseGet(() -> {
            problems.add(row.problem(TableWords.CELL_EMPTY, "quantity"));
            return 1;
        });
        Optional<Along> fold = along(row);
        boolean fixed = fold.isEmpty() && row.yes("direction", problems);
        return new CutPiece(id(row, ids), row.text("id"), Math.max(1, quantity) * copies,
                row.length("width", unit, problems), row.length("height", unit, problems),
                List.of(row.text("material")), !fixed, fold, Half.WHOLE);
    }

    private StockSheet sheet(CsvRow row, Set<String> ids) {
        Optional<Along> grain = along(row);
        boolean directional = grain.isEmpty() && row.yes("direction", problems);
        boolean offcut = row.yes("offcut", problems);
        OptionalInt count = row.count("count", 0, MOST_SHEETS, problems);
        return new StockSheet(id(row, ids), row.text("id"), row.text("material"), row.length("width", unit, problems),
                row.length("height", unit, problems),
                offcut && count.isEmpty() ? OptionalInt.of(1) : count, offcut, directional, grain);
    }

    private String id(CsvRow row, Set<String> ids) {
        String id = row.needed("id", problems);
        if (!id.isEmpty() && !ids.add(id)) {
            problems.add(row.problem(TableWords.ID_TWICE, "id", "text", id));
        }
        return id;
    }

    private static Optional<Along> along(CsvRow row) {
        return switch (row.text("direction").toLowerCase(Locale.ROOT)) {
            case "width", "along width" -> Optional.of(Along.WIDTH);
            case "height", "along height" -> Optional.of(Along.HEIGHT);
            default -> Optional.empty();
        };
    }
}
