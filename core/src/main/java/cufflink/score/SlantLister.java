package cufflink.score;

import cufflink.crease.CreasePattern;
import cufflink.crease.RobustOverlay;
import cufflink.design.Score;
import cufflink.design.Side;
import cufflink.design.SizedDesign.Along;
import cufflink.design.SizedDesign.Line;
import cufflink.design.SizedDesign.Piece;
import cufflink.measure.Length;
import java.util.Optional;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineSegment;

/**
 * Finds the marks of a slanting score: where its line, carried on, meets the edges of the sheet before anything is cut
 * away.
 */
final class SlantLister {
    private static final GeometryFactory FACTORY = new GeometryFactory();
    /** Millimetres of a score that may be lacking or too much. */
    private static final double NEAR = 0.05;

    private final double width;
    private final double height;
    private final CreasePattern pattern;
    private final boolean behind;

    SlantLister(Piece piece, CreasePattern pattern, boolean behind) {
        this.width = piece.width().length().toMillimetres();
        this.height = piece.height().length().toMillimetres();
        this.pattern = pattern;
        this.behind = behind;
    }

    static boolean isSlanting(Score score) {
        return score.line().along() == Along.LINE && !score.line().x1().equals(score.line().x2())
                && !score.line().y1().equals(score.line().y2());
    }

    /** A score as it lies with the face to be scored up. */
    Slant slant(Score score) {
        Line line = score.line();
        LineSegment own = new LineSegment(line.x1().toMillimetres(), line.y1().toMillimetres(),
                line.x2().toMillimetres(), line.y2().toMillimetres());
        LineSegment whole = carriedOn(own);
        boolean wasteBeyond = paper(whole) - paper(own) < 4 * NEAR;
        Optional<Slant.Part> part = wasteBeyond ? Optional.empty()
                : Optional.of(new Slant.Part(length(whole.p0.distance(own.p0)), length(whole.p0.distance(own.p1))));
        return new Slant(score.id(), mark(whole.p0), mark(whole.p1), part,
                behind ? score.fold().seenFromBehind() : score.fold());
    }

    private static Length length(double millimetres) {
        return Length.nearestToMillimetres(millimetres);
    }

    /** From edge to edge of the sheet, in the direction of the score. */
    private LineSegment carriedOn(LineSegment line) {
        double dx = line.p1.x - line.p0.x;
        double dy = line.p1.y - line.p0.y;
        double first = Math.max(least(line.p0.x, dx, width), least(line.p0.y, dy, height));
        double last = Math.min(most(line.p0.x, dx, width), most(line.p0.y, dy, height));
        return new LineSegment(line.pointAlong(first), line.pointAlong(last));
    }

    private static double least(double at, double by, double extent) {
        return Math.min(-at / by, (extent - at) / by);
    }

    private static double most(double at, double by, double extent) {
        return Math.max(-at / by, (extent - at) / by);
    }

    /** How much of a line lies on what becomes of the sheet. */
    private double paper(LineSegment line) {
        return RobustOverlay.intersection(FACTORY.createLineString(new Coordinate[] {line.p0, line.p1}),
                pattern.outline().buffer(-NEAR)).getLength();
    }

    private Slant.Mark mark(Coordinate at) {
        double left = at.x;
        double right = width - at.x;
        double top = at.y;
        double bottom = height - at.y;
        double nearest = Math.min(Math.min(left, right), Math.min(top, bottom));
        double across = behind ? right : left;
        if (nearest == top || nearest == bottom) {
            return new Slant.Mark(nearest == top ? Side.TOP : Side.BOTTOM, length(across));
        }
        return new Slant.Mark(nearest == left != behind ? Side.LEFT : Side.RIGHT, length(top));
    }
}
