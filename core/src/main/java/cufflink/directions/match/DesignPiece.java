package cufflink.directions.match;

import cufflink.design.Fold;
import cufflink.design.Score;
import cufflink.design.SizedDesign;
import cufflink.measure.Length;
import java.util.List;
import java.util.SortedMap;
import java.util.TreeMap;

/** A piece of a sized design with its straight scores; several parts of one line are one. */
record DesignPiece(String id, String label, Length width, Length height, List<Length> upright, List<Length> level,
        List<Fold> uprightFolds, List<Fold> levelFolds, boolean slanted) {
    DesignPiece {
        upright = List.copyOf(upright);
        level = List.copyOf(level);
        uprightFolds = List.copyOf(uprightFolds);
        levelFolds = List.copyOf(levelFolds);
    }

    static DesignPiece of(SizedDesign.Piece piece) {
        SortedMap<Length, Fold> upright = new TreeMap<>();
        SortedMap<Length, Fold> level = new TreeMap<>();
        for (Score score : piece.lines()) {
            SizedDesign.Line line = score.line();
            if (!score.isPinched() && line.x1().equals(line.x2())) {
                upright.putIfAbsent(line.x1(), score.fold());
            } else if (!score.isPinched() && line.y1().equals(line.y2())) {
                level.putIfAbsent(line.y1(), score.fold());
            }
        }
        return new DesignPiece(piece.id(), piece.label(), piece.width().length(), piece.height().length(),
                List.copyOf(upright.keySet()), List.copyOf(level.keySet()), List.copyOf(upright.values()),
                List.copyOf(level.values()), piece.lines().stream().anyMatch(DesignPiece::slants));
    }

    private static boolean slants(Score score) {
        SizedDesign.Line line = score.line();
        return !line.x1().equals(line.x2()) && !line.y1().equals(line.y2());
    }

    int scores() {
        return upright.size() + level.size();
    }
}
