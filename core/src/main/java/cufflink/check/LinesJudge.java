package cufflink.check;

import cufflink.crease.Panel;
import cufflink.design.Fold;
import cufflink.design.PanelScore;
import cufflink.design.Score;
import cufflink.design.SizedDesign.Line;
import cufflink.design.SizedDesign.Piece;
import cufflink.fold.FoldedPiece;
import cufflink.mat.MatLayer;
import cufflink.measure.Length;
import cufflink.words.CheckWords;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.algorithm.MinimumDiameter;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.LineSegment;
import org.locationtech.jts.geom.Polygon;

/** Can every line be scored, and every panel between them be folded? Does a decorative one show? */
final class LinesJudge implements Judge {
    /** A narrower panel cannot be folded, and lines closer than this run into one another (common practice). */
    private static final Length NARROWEST = Length.ofInches(1, 16);
    private static final double PARALLEL = 1e-6;
    /** Millimetres by which a line may pass an edge by rounding. */
    private static final double ROUNDED = 0.01;

    @Override
    public List<Check> judge(CheckSubject subject) {
        List<Check> checks = new ArrayList<>();
        for (FoldedPiece folded : subject.pieces().values()) {
            Piece piece = subject.design().piece(folded.pattern().piece());
            folded.pattern().panels().forEach(panel -> narrow(subject, panel).ifPresent(checks::add));
            crowded(piece).ifPresent(checks::add);
            hidden(subject, piece).ifPresent(checks::add);
        }
        past(subject).ifPresent(checks::add);
        return checks;
    }

    private static Optional<Check> narrow(CheckSubject subject, Panel panel) {
        Length width = Length.nearestToMillimetres(new MinimumDiameter(panel.outline()).getLength());
        return NARROWEST.isLongerThan(width) ? Optional.of(Check.bad("narrow-" + panel.id(),
                Optional.of(width.minus(NARROWEST)), CheckWords.TOO_NARROW.of("panel", panel.label(), "width",
                        subject.exact(width)),
                subject.change(panel.id()))) : Optional.empty();
    }

    /** Decorative lines that run into each other or into a crease. */
    private static Optional<Check> crowded(Piece piece) {
        List<Score> scores = piece.lines();
        for (int i = 0; i < scores.size(); i++) {
            for (int k = i + 1; k < scores.size(); k++) {
                boolean decorative = scores.get(i).fold() == Fold.DECORATIVE || scores.get(k).fold() == Fold.DECORATIVE;
                LineSegment one = segment(scores.get(i).line());
                LineSegment other = segment(scores.get(k).line());
                if (decorative && Math.abs(Math.sin(one.angle() - other.angle())) < PARALLEL
                        && one.distance(other) < NARROWEST.toMillimetres()) {
                    return Optional.of(Check.bad("crowded-" + piece.id(), Optional.empty(),
                            CheckWords.CROWDED.of("one", scores.get(i).id(), "other", scores.get(k).id(), "piece",
                                    piece.label()),
                            Optional.empty()));
                }
            }
        }
        return Optional.empty();
    }

    private static Optional<Check> hidden(CheckSubject subject, Piece piece) {
        List<String> hidden = piece.scores().stream().filter(score -> score.fold() == Fold.DECORATIVE
                && subject.mats().stream().anyMatch(mat -> covers(mat, piece, score))).map(Score::id).toList();
        return hidden.isEmpty() ? Optional.empty()
                : Optional.of(Check.watch("hidden-" + piece.id(), Optional.empty(),
                        CheckWords.HIDDEN.of("scores", hidden)));
    }

    /** Lines that a part scores past the edge of its panel, over a crease or into the air. */
    private static Optional<Check> past(CheckSubject subject) {
        List<PanelScore> past = subject.design().panelScores().stream().filter(one -> !isOnPanel(subject, one))
                .toList();
        return past.isEmpty() ? Optional.empty()
                : Optional.of(Check.bad(
                        "past-" + past.get(0).on(), Optional.empty(), CheckWords.SCORED_PAST.of("scores",
                                past.stream().map(one -> one.score().id()).toList(), "panel",
                                subject.pieces().get(past.get(0).on().piece()).pattern().panel(past.get(0).on().panel())
                                        .orElseThrow().label()),
                        Optional.empty()));
    }

    private static boolean isOnPanel(CheckSubject subject, PanelScore one) {
        Polygon panel = subject.pieces().get(one.on().piece()).pattern().panel(one.on().panel()).orElseThrow()
                .outline();
        return subject.design().piece(one.on().piece()).scores().stream()
                .filter(score -> score.id().equals(one.score().id()))
                .allMatch(score -> panel.buffer(ROUNDED).covers(segment(score.line()).toGeometry(panel.getFactory())));
    }

    private static boolean covers(MatLayer mat, Piece piece, Score score) {
        Coordinate middle = segment(score.line()).midPoint();
        return mat.on().on().piece().equals(piece.id())
                && mat.outline().covers(mat.outline().getFactory().createPoint(middle));
    }

    private static LineSegment segment(Line line) {
        return new LineSegment(line.x1().toMillimetres(), line.y1().toMillimetres(), line.x2().toMillimetres(),
                line.y2().toMillimetres());
    }
}
