package cufflink.directions.match;

import cufflink.design.Fold;
import cufflink.directions.PieceName;
import cufflink.directions.ReadPiece;
import cufflink.directions.ReadScore;
import cufflink.directions.Said;
import cufflink.measure.Length;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** A piece of the text with its straight scores counted from the left and from the top. */
record TextPiece(ReadPiece read, List<Line> upright, List<Line> level) {
    static final Set<String> LAYERS = Set.of("mat", "layer");

    /** A score: where the text says it, and where that is from the left or top. */
    record Line(Said said, Length at, Optional<Fold> fold) {
    }

    TextPiece {
        upright = List.copyOf(upright);
        level = List.copyOf(level);
    }

    static TextPiece of(ReadPiece read) {
        List<Line> upright = lines(read, true);
        List<Line> level = lines(read, false);
        // Scores that are told along the wrong side are those of the other.
        return upright.isEmpty() && areOfOther(level, read.height(), read.width()) ? new TextPiece(read, level, upright)
                : level.isEmpty() && areOfOther(upright, read.width(), read.height())
                        ? new TextPiece(read, level, upright)
                : new TextPiece(read, upright, level);
    }

    private static boolean areOfOther(List<Line> lines, Said side, Said other) {
        return lines.stream().anyMatch(line -> !side.length().isLongerThan(line.at()))
                && lines.stream().allMatch(line -> other.length().isLongerThan(line.at()));
    }

    /** In their order; several parts of one line are one. */
    private static List<Line> lines(ReadPiece read, boolean alongWidth) {
        Length side = read.side(alongWidth).length();
        List<Line> lines = new ArrayList<>();
        for (ReadScore score : read.scores()) {
            if (score.isAlongWidth() == alongWidth && !score.isSlanting()) {
                Length at = switch (score.from()) {
                    case LEFT, TOP -> score.at().length();
                    case RIGHT, BOTTOM -> side.minus(score.at().length());
                };
                if (lines.stream().noneMatch(line -> line.at().equals(at))) {
                    lines.add(new Line(score.at(), at, score.fold()));
                }
            }
        }
        lines.sort(Comparator.comparing(Line::at));
        return lines;
    }

    /** Whether its name says that it is a layer on something. */
    boolean isLayer() {
        return PieceName.of(read.name()).words().stream().anyMatch(LAYERS::contains);
    }

    /** Whether it has scores that run aslant. */
    boolean slanted() {
        return read.diagonals() > 0 || read.scores().stream().anyMatch(ReadScore::isSlanting);
    }

    int scores() {
        return upright.size() + level.size();
    }
}
