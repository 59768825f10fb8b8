package cufflink.directions.finding;

import cufflink.cut.CutJob;
import cufflink.cut.CutPiece;
import cufflink.cut.GuillotinePlanner;
import cufflink.cut.LayoutPlan;
import cufflink.cut.StockSheet;
import cufflink.directions.Directions;
import cufflink.directions.ReadPiece;
import cufflink.directions.ReadSheet;
import cufflink.directions.finding.Finding.Grade;
import cufflink.paper.SheetSize;
import cufflink.words.FindingWords;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import java.util.stream.Stream;

/** Pieces that do not come from the sheet that is named, or not from as many as are said to be enough. */
final class SheetJudge {
    /** More pieces than that are not laid out while somebody types. */
    private static final int MOST_PIECES = 60;
    private static final String PAPER = "sheet";

    private SheetJudge() {
    }

    static Stream<Finding> find(Directions directions) {
        Map<ReadSheet, List<ReadPiece>> cut = new LinkedHashMap<>();
        directions.pieces().forEach(piece -> piece.sheet()
                .ifPresent(sheet -> cut.computeIfAbsent(sheet, none -> new ArrayList<>()).add(piece)));
        return cut.entrySet().stream().filter(entry -> entry.getKey().width().length().isPositive()
                && entry.getKey().height().length().isPositive())
                .flatMap(entry -> of(entry.getKey(), entry.getValue()));
    }

    private static Stream<Finding> of(ReadSheet sheet, List<ReadPiece> pieces) {
        SheetSize size = new SheetSize(sheet.width().length(), sheet.height().length());
        List<Finding> larger = pieces.stream().filter(piece -> !fits(size, piece)).map(piece -> Finding.of(
                Grade.CANNOT_BE, "sheet",
                FindingWords.LARGER_THAN_SHEET.of("piece", piece.one(), "size",
                        Near.size(piece.width(), piece.height()), "sheet", name(sheet)),
                List.of(piece.span(), sheet.width().span()),
                List.of(Near.size(piece.width(), piece.height()), name(sheet)))).toList();
        int count = pieces.stream().mapToInt(ReadPiece::quantity).sum();
        boolean laidOut = larger.isEmpty() && sheet.count() > 0 && count <= MOST_PIECES;
        return laidOut ? together(sheet, pieces) : larger.stream();
    }

    private static boolean fits(SheetSize sheet, ReadPiece piece) {
        if (!piece.width().length().isPositive() || !piece.height().length().isPositive()) {
            return true;
        }
        SheetSize size = new SheetSize(piece.width().length(), piece.height().length());
        return sheet.holds(size) || sheet.holds(size.turned());
    }

    /** What the cutting planner proves to need more sheets cannot be; what it finds no way for is unlikely. */
    private static Stream<Finding> together(ReadSheet sheet, List<ReadPiece> pieces) {
        List<CutPiece> wanted = new ArrayList<>();
        for (ReadPiece piece : pieces) {
            wanted.add(new CutPiece(String.valueOf(wanted.size()), piece.name(), piece.quantity(),
                    piece.width().length(), piece.height().length(), PAPER, true));
        }
        LayoutPlan plan = new GuillotinePlanner().plan(new CutJob(wanted, List.of(new StockSheet(PAPER, PAPER,
                sheet.width().length(), sheet.height().length(), OptionalInt.empty(), false))));
        if (plan.newSheets() <= sheet.count()) {
            return Stream.empty();
        }
        boolean proved = plan.bound() > sheet.count();
        return Stream.of(Finding.of(proved ? Grade.CANNOT_BE : Grade.UNLIKELY, "sheets",
                (proved ? FindingWords.NOT_FROM_SHEETS : FindingWords.NOT_FROM_SHEETS_LIKELY).of("count",
                        sheet.count(), "sheet", name(sheet), "needed", plan.bound()),
                Stream.concat(Stream.of(sheet.width().span()), pieces.stream().map(ReadPiece::span)).toList(),
                List.of(String.valueOf(sheet.count()),
                        String.valueOf(plan.newSheets()))));
    }

    private static String name(ReadSheet sheet) {
        String size = Near.size(sheet.width(), sheet.height());
        return sheet.name().isEmpty() ? size : sheet.name() + " (" + size + ")";
    }
}
