package cufflink.directions;

import cufflink.directions.Phrase.Kind;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * Reads a table of pieces: rows whose cells stand between bars or tabs. Its first row says what its columns are;
 * without one the first text is the name, a whole number before the sizes the quantity, the first two lengths width and
 * height.
 */
final class Table {
    private static final int FEWEST_BARS = 2;

    private final ReadingState state;
    /** What the columns are, by their place; empty before a first row says so. */
    private List<String> columns = List.of();
    /** The unit that a column is in, where its head says so. */
    private List<Optional<WrittenUnit>> units = List.of();

    Table(ReadingState state) {
        this.state = state;
    }

    static boolean isRow(List<Phrase> line) {
        return line.stream().filter(Table::isBar).count() >= FEWEST_BARS;
    }

    private static boolean isBar(Phrase phrase) {
        return phrase.is(Kind.MARK, "|", "\t");
    }

    void row(Clause clause) {
        List<List<Phrase>> cells = cells(clause.body());
        boolean numbers = clause.hasNumbers();
        if (cells.stream().flatMap(List::stream).allMatch(phrase -> phrase.is(Kind.MARK))) {
            return; // the line under the first row
        }
        if (!numbers) {
            columns = cells.stream().map(this::column).toList();
            units = cells.stream().map(Table::unit).toList();
            return;
        }
        Optional<String> name = Optional.empty();
        Optional<String> material = Optional.empty();
        Optional<Phrase> count = Optional.empty();
        List<Said> sides = new ArrayList<>();
        Span span = clause.span();
        for (int i = 0; i < cells.size(); i++) {
            List<Phrase> cell = cells.get(i);
            String column = i < columns.size() ? columns.get(i) : "";
            Optional<Phrase> number = cell.stream().filter(one -> !one.amounts().isEmpty()).findFirst();
            boolean named = name.isEmpty() && (column.equals("name") || column.isEmpty())
                    && Character.isLetter(words(cell).isEmpty() ? ' ' : words(cell).charAt(0));
            if (number.isEmpty() || named) {
                state.take(cell);
                String words = words(cell);
                if (words.isEmpty() || words.matches("[-–— :]*")) {
                    continue;
                }
                count = count.or(() -> cell.stream().filter(one -> one.is(Kind.COUNT)).findFirst());
                if (name.isEmpty() && (!column.equals("material") || !columns.contains("name"))) {
                    name = Optional.of(words);
                } else if (material.isEmpty()) {
                    material = Optional.of(words);
                }
            } else if (column.equals("quantity") || column.isEmpty() && count.isEmpty() && sides.isEmpty()
                    && number.get().amounts().get(0).plain() && cells.size() > 3) {
                count = number;
            } else if (sides.size() < 2 && !column.equals("other") && !column.equals("scores")) {
                sides.addAll(sides(number.get(), i, clause));
                span = number.get().span();
            } else if (sides.size() == 2 && unit(i).isPresent()) {
                List<Said> again = sides(number.get(), i, clause);
                for (int k = 0; k < again.size(); k++) {
                    state.claims.add(new Claim.TwoUnits(sides.get(k), again.get(k), number.get().span()));
                }
            }
        }
        if (sides.size() < 2) {
            return;
        }
        add(name, material, count, sides, span);
        cells.forEach(cell -> inOtherUnit(cell, clause));
        for (int i = 0; i < Math.min(cells.size(), columns.size()); i++) {
            if (columns.get(i).equals("scores") && cells.get(i).stream().anyMatch(one -> !one.amounts().isEmpty())) {
                new ScoreReading(state, new Clause(List.of(), cells.get(i), false, false, clause.sentence()),
                        Kind.SCORE, false).read();
            }
        }
    }

    /** "Inches", "size in mm", or "in" alone. */
    private static Optional<WrittenUnit> unit(List<Phrase> cell) {
        Optional<WrittenUnit> said = cell.stream().flatMap(phrase -> WrittenUnit.named(phrase.detail()).stream())
                .findFirst();
        return said.or(() -> cell.size() == 1 && cell.get(0).is(Kind.RELATION, "in") ? Optional.of(WrittenUnit.INCH)
                : Optional.empty());
    }

    private Optional<WrittenUnit> unit(int column) {
        return column < units.size() ? units.get(column) : Optional.empty();
    }

    /** The one or two lengths of a cell. */
    private List<Said> sides(Phrase size, int column, Clause clause) {
        return IntStream.range(0, Math.min(2, size.amounts().size())).mapToObj(k -> unit(column)
                .map(unit -> state.said(size, k, unit)).orElseGet(() -> state.said(size, k, clause))).toList();
    }

    /** "5 1/2 x 4 in (140 x 102 mm)". */
    private void inOtherUnit(List<Phrase> cell, Clause clause) {
        List<Phrase> sizes = cell.stream().filter(phrase -> phrase.is(Kind.SIZE) && phrase.amounts().size() == 2)
                .toList();
        if (sizes.size() == 2 && !sizes.get(0).unit().equals(sizes.get(1).unit())) {
            for (int i = 0; i < 2; i++) {
                state.claims.add(new Claim.TwoUnits(state.said(sizes.get(0), i, clause),
                        state.said(sizes.get(1), i, clause), sizes.get(1).span()));
            }
        }
    }

    private void add(Optional<String> name, Optional<String> material, Optional<Phrase> count, List<Said> sides,
            Span span) {
        int swapped = columns.indexOf("height") >= 0 && columns.indexOf("height") < columns.indexOf("width") ? 1 : 0;
        PieceDraft piece = new PieceDraft(name.orElse("Piece " + (state.pieces.size() + 1)), name.isPresent(),
                sides.get(swapped), sides.get(1 - swapped), span);
        piece.material = material;
        count.ifPresent(phrase -> {
            state.take(phrase);
            piece.quantity = Math.max(1, phrase.count());
            piece.counted = Optional.of(phrase.span());
        });
        state.add(piece);
    }

    private String column(List<Phrase> cell) {
        String words = words(cell).toLowerCase(Locale.ROOT);
        if (words.matches(".*(qty|quantity|how many|count|number|no\\.).*")) {
            return "quantity";
        }
        if (words.matches(".*(height|high|tall).*")) {
            return "height";
        }
        if (words.matches(".*(width|wide|length|size|inch|mm|cm).*")) {
            return "width";
        }
        return words.matches(".*(material|paper|stock|colour|color).*") && !words.contains("piece") ? "material"
                : words.matches(".*(score|crease).*") ? "scores" : words.matches(".*(fold|note).*") ? "other" : "name";
    }

    private String words(List<Phrase> cell) {
        return cell.isEmpty() ? ""
                : state.written(cell.get(0).span().through(cell.get(cell.size() - 1).span())).strip();
    }

    private static List<List<Phrase>> cells(List<Phrase> line) {
        List<List<Phrase>> cells = new ArrayList<>();
        List<Phrase> cell = new ArrayList<>();
        for (Phrase phrase : line) {
            if (isBar(phrase)) {
                cells.add(cell);
                cell = new ArrayList<>();
            } else {
                cell.add(phrase);
            }
        }
        cells.add(cell);
        if (!cells.isEmpty() && cells.get(0).isEmpty()) {
            cells.remove(0);
        }
        return cells;
    }
}
