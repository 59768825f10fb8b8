package cufflink.fold;

import cufflink.TestPieces;
import cufflink.crease.CreasePattern;
import cufflink.crease.CreasePatternBuilder;
import cufflink.design.CreaseRef;
import cufflink.design.Fold;
import cufflink.design.Score;
import cufflink.design.SizedDesign.Marks;
import cufflink.design.SizedDesign.PanelName;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;

/** Pieces for tests of folding, made straight from score lines in millimetres. */
public final class Maps {
    private static final double CELL = 20;

    private Maps() {
    }

    /** A rectangle with scores; panels p1, p2 ... in reading order if {@code named} is more than 0. */
    public static CreasePattern pattern(double width, double height, List<Score> scores, int named) {
        List<PanelName> names = IntStream.rangeClosed(1, named).mapToObj(i -> PanelName.of("p" + i, "panel " + i))
                .toList();
        return CreasePatternBuilder
                .build(TestPieces.piece("base", width, height, new Marks(scores, List.of(), List.of(), names)))
                .orThrow();
    }

    /** A map of columns × rows cells, every crease shut, all cells over one. */
    public static FoldedState folded(int columns, int rows) {
        List<Score> scores = new ArrayList<>();
        Map<CreaseRef, Double> shut = new LinkedHashMap<>();
        for (int i = 1; i < columns; i++) {
            scores.add(TestPieces.score("x" + i, Fold.VALLEY, i * CELL, 0, i * CELL, rows * CELL));
            shut.put(new CreaseRef("base", "x" + i), 180.0);
        }
        for (int i = 1; i < rows; i++) {
            scores.add(TestPieces.score("y" + i, Fold.VALLEY, 0, i * CELL, columns * CELL, i * CELL));
            shut.put(new CreaseRef("base", "y" + i), 180.0);
        }
        CreasePattern pattern = pattern(columns * CELL, rows * CELL, scores, 0);
        return new Folder(Assembly.of(pattern, pattern.panels().get(0).id())).fold(shut).orThrow();
    }

    /**
     * A Miura sheet of (columns + 1) × rows panels: upright zigzags of 60° across straight lines, cut to a rectangle.
     */
    public static CreasePattern miura(int columns, int rows) {
        double shift = CELL * Math.tan(Math.toRadians(30));
        double width = columns * CELL + shift;
        List<Score> scores = new ArrayList<>();
        for (int row = 0; row <= rows; row++) {
            for (int column = 0; column <= columns; column++) {
                double x = (column - 0.5) * CELL + (row % 2 == 0 ? 0 : shift);
                double end = column == columns ? width : x + CELL;
                if (row > 0 && row < rows) {
                    scores.add(
                            TestPieces.score("level" + row + "_" + column,
                                    (row + column) % 2 == 0 ? Fold.MOUNTAIN : Fold.VALLEY,
                                    column == 0 ? 0 : x, row * CELL, end, row * CELL));
                }
                if (column > 0 && row < rows) {
                    double below = (column - 0.5) * CELL + (row % 2 == 0 ? shift : 0);
                    scores.add(TestPieces.score("upright" + column + "_" + row,
                            column % 2 == 0 ? Fold.VALLEY : Fold.MOUNTAIN, x,
                            row * CELL, below, (row + 1) * CELL));
                }
            }
        }
        return pattern(width, rows * CELL, scores, 0);
    }

    /** Every crease shut. */
    public static Map<CreaseRef, Double> shut(Folder folder) {
        Map<CreaseRef, Double> shut = new LinkedHashMap<>();
        folder.assembly().creases().forEach(crease -> shut.put(crease, 180.0));
        return shut;
    }
}
