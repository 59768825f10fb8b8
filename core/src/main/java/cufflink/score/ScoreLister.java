package cufflink.score;

import cufflink.crease.CreasePattern;
import cufflink.design.Face;
import cufflink.design.Fold;
import cufflink.design.Score;
import cufflink.design.SizedDesign.Along;
import cufflink.design.SizedDesign.Line;
import cufflink.design.SizedDesign.Piece;
import cufflink.measure.Length;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * Lists a piece's scores so that the sheet is moved as few times as possible: one setup for each direction and face in
 * use, the up face first, positions ascending. Scoring presses the ridge through to the other face, so a crease whose
 * ridge shall end up inside the fold is scored from the outside of the fold: a mountain from the face it is seen on, a
 * valley from behind.
 */
public final class ScoreLister {
    private ScoreLister() {
    }

    /**
     * Every score of a piece that is scored: upright and level ones by their place at the fence, slanting ones from
     * mark to mark.
     */
    public static List<ScoreSetup> list(Piece piece, CreasePattern pattern, ScoringStyle style) {
        List<ScoreSetup> setups = new ArrayList<>();
        List<Score> scores = piece.lines().stream().filter(score -> !score.isPinched()).toList();
        for (boolean behind : new boolean[] {false, true}) {
            for (Along along : new Along[] {Along.X, Along.Y}) {
                List<ScoreSetup.Position> positions = scores.stream()
                        .filter(score -> along(score.line()) == along && fromBehind(score, style) == behind)
                        .map(score -> position(piece, score, along, behind))
                        .sorted(Comparator.comparing(ScoreSetup.Position::at)).toList();
                if (!positions.isEmpty()) {
                    Face face = behind ? piece.up().other() : piece.up();
                    setups.add(new ScoreSetup(piece.id(), face, behind, along == Along.Y, extent(piece, along),
                            positions, List.of()));
                }
            }
            SlantLister lister = new SlantLister(piece, pattern, behind);
            boolean fromBehind = behind;
            List<Slant> slants = scores.stream()
                    .filter(score -> SlantLister.isSlanting(score) && fromBehind(score, style) == fromBehind)
                    .map(lister::slant).toList();
            if (!slants.isEmpty()) {
                setups.add(new ScoreSetup(piece.id(), behind ? piece.up().other() : piece.up(), behind, false,
                        piece.width().length(), List.of(), slants));
            }
        }
        return setups;
    }

    /** A line from point to point may be upright or level all the same. */
    private static Along along(Line line) {
        return line.along() != Along.LINE ? line.along() : line.x1().equals(line.x2()) ? Along.X
                : line.y1().equals(line.y2()) ? Along.Y : Along.LINE;
    }

    private static boolean fromBehind(Score score, ScoringStyle style) {
        return style == ScoringStyle.OWN_FACE && score.fold() == Fold.VALLEY;
    }

    private static Length extent(Piece piece, Along along) {
        return along == Along.X ? piece.width().length() : piece.height().length();
    }

    /** Turning the piece over its upright axis mirrors x; level lines keep their distance from the top. */
    private static ScoreSetup.Position position(Piece piece, Score score, Along along, boolean behind) {
        Length at = along == Along.X ? score.line().x1() : score.line().y1();
        Length across = extent(piece, along == Along.X ? Along.Y : Along.X);
        Length from = Length.shorter(start(score.line(), along), end(score.line(), along));
        Length to = Length.longer(start(score.line(), along), end(score.line(), along));
        boolean full = from.equals(Length.ZERO) && to.equals(across);
        if (behind && along == Along.X) {
            at = mirrored(at, piece.width().length());
        } else if (!behind && along == Along.Y) {
            // A quarter turn to the left brings the right edge to the top; turned over before, the left one.
            Length start = mirrored(to, across);
            to = mirrored(from, across);
            from = start;
        }
        Fold fold = behind ? score.fold().seenFromBehind() : score.fold();
        return new ScoreSetup.Position(score.id(), at, from, to, full, fold,
                score.line().at().map(figure -> figure.derivation()));
    }

    private static Length start(Line line, Along along) {
        return along == Along.X ? line.y1() : line.x1();
    }

    private static Length end(Line line, Along along) {
        return along == Along.X ? line.y2() : line.x2();
    }

    /** The position counted from the other side: extent − position. */
    public static Length mirrored(Length at, Length extent) {
        return extent.minus(at);
    }
}
