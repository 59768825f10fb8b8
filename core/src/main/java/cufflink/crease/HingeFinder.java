package cufflink.crease;

import cufflink.design.Fold;
import cufflink.design.Score;
import cufflink.design.SizedDesign.Piece;
import cufflink.design.SizedDesign.Slit;
import cufflink.problem.Problem;
import cufflink.words.Message;
import cufflink.words.PieceWords;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.algorithm.Orientation;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.LineSegment;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Polygon;

/** Finds the hinges between the panels of a piece, and the score lines that make none. */
final class HingeFinder {
    /**
     * How near a panel's side must be to a score line to lie on it, millimetres; far below any ruler, far above
     * rounding.
     */
    private static final double ON_LINE = 1e-5;
    /** A score may be so much too long or too short, millimetres. */
    private static final double ENDS_SHORT = 1e-2;

    /**
     * A stretch of a score line that is a side of a panel: from and to along the line, and the side of the line the
     * panel is on.
     */
    private record Stretch(String panel, double from, double to, boolean left) {
    }

    private final Piece piece;
    private final List<Panel> panels;

    HingeFinder(Piece piece, List<Panel> panels) {
        this.piece = piece;
        this.panels = panels;
    }

    /** In the order of the score lines; then the joints. */
    List<Hinge> hinges() {
        List<Hinge> hinges = new ArrayList<>();
        for (Score score : piece.scores()) {
            if (score.isHinge()) {
                LineSegment first = CreasePatternBuilder.segment(score.line());
                Optional<LineSegment> second = score.second().map(CreasePatternBuilder::segment);
                add(score.id(), score.fold(), first, second.orElse(first), hinges);
                second.ifPresent(line -> add(score.id(), score.fold(), line, first, hinges));
            }
        }
        joints(piece).forEach(slit -> {
            LineSegment line = across(slit, piece);
            add(slit.id(), Fold.DECORATIVE, line, line, hinges);
        });
        return hinges;
    }

    /**
     * A score that is folded reaches into no spine, and has a panel on each side all along, where there is paper.
     */
    List<Problem> faults(Score score, Polygon outline) {
        Optional<Message> crosses = crossed(score);
        return (crosses.isPresent() ? crosses.stream()
                : score.lines().stream().flatMap(line -> ends(line, outline).stream()))
                .map(fault -> Problem.error(piece.label(), fault)).toList();
    }

    private Optional<Message> ends(Score score, Polygon outline) {
        LineSegment line = CreasePatternBuilder.segment(score.line());
        double inside = RobustOverlay.intersection(CreasePatternBuilder.line(line), outline).getLength();
        List<Stretch> stretches = stretches(line);
        stretches.sort(Comparator.comparingDouble(Stretch::from));
        double bounded = 0;
        double to = 0;
        for (Stretch stretch : stretches) {
            bounded += Math.max(0, stretch.to() - Math.max(to, stretch.from()));
            to = Math.max(to, stretch.to());
        }
        return inside <= ENDS_SHORT ? Optional.of(PieceWords.SCORE_ON_NO_PAPER.of("score", score.id()))
                : inside - bounded > ENDS_SHORT ? Optional.of(PieceWords.SCORE_ENDS_INSIDE.of("score", score.id()))
                : Optional.empty();
    }

    private Optional<Message> crossed(Score score) {
        return piece.scores().stream()
                .filter(spine -> spine.second().isPresent() && !spine.id().equals(score.id())
                        && score.lines().stream().anyMatch(line -> reachesInto(line, spine)))
                .findFirst().map(spine -> PieceWords.SPINE_CROSSED.of("spine", spine.id(), "crease", score.id()));
    }

    private static boolean reachesInto(Score line, Score spine) {
        LineSegment first = CreasePatternBuilder.segment(spine.line());
        LineSegment last = CreasePatternBuilder.segment(spine.second().orElseThrow());
        Polygon between = CreasePatternBuilder.rectangle(first.p0.x, first.p0.y, last.p1.x - first.p0.x,
                last.p1.y - first.p0.y);
        return RobustOverlay.intersection(between.buffer(-ON_LINE),
                CreasePatternBuilder.line(CreasePatternBuilder.segment(line.line()))).getLength() > ENDS_SHORT;
    }

    /** Slits that another piece slides into. */
    static List<Slit> joints(Piece piece) {
        return piece.slits().stream().filter(Slit::joint).toList();
    }

    /** The line of a slit, carried on across the whole piece. */
    static LineSegment across(Slit slit, Piece piece) {
        LineSegment line = CreasePatternBuilder.segment(slit.line());
        double width = piece.width().length().toMillimetres();
        double height = piece.height().length().toMillimetres();
        double reach = (width + height) / line.getLength();
        LineSegment longer = new LineSegment(line.pointAlong(-reach), line.pointAlong(1 + reach));
        Coordinate[] inside = RobustOverlay.intersection(CreasePatternBuilder.line(longer),
                CreasePatternBuilder.rectangle(0, 0, width, height)).getCoordinates();
        return new LineSegment(inside[0], inside[inside.length - 1]);
    }

    /** Between panels on the left of one line and panels on the right of another beside it, or of the same one. */
    private void add(String crease, Fold fold, LineSegment left, LineSegment right, List<Hinge> hinges) {
        List<Stretch> lefts = stretches(left);
        List<Stretch> rights = left.equals(right) ? lefts : stretches(right);
        for (Stretch a : lefts) {
            for (Stretch b : rights) {
                double from = Math.max(a.from, b.from);
                double to = Math.min(a.to, b.to);
                if (a.left && !b.left && to - from > ON_LINE
                        && !slitAt(left.pointAlong((from + to) / 2 / left.getLength()))) {
                    hinges.add(new Hinge(crease, fold, a.panel, b.panel, part(left, from, to), part(right, from, to)));
                }
            }
        }
    }

    private static LineSegment part(LineSegment line, double from, double to) {
        return new LineSegment(line.pointAlong(from / line.getLength()), line.pointAlong(to / line.getLength()));
    }

    private List<Stretch> stretches(LineSegment line) {
        List<Stretch> stretches = new ArrayList<>();
        for (Panel panel : panels) {
            collect(panel, panel.outline().getExteriorRing(), true, line, stretches);
            for (int i = 0; i < panel.outline().getNumInteriorRing(); i++) {
                collect(panel, panel.outline().getInteriorRingN(i), false, line, stretches);
            }
        }
        return stretches;
    }

    private static void collect(Panel panel, LinearRing ring, boolean outer, LineSegment line,
            List<Stretch> stretches) {
        Coordinate[] corners = ring.getCoordinates();
        boolean paperOnLeft = Orientation.isCCW(corners) == outer;
        for (int i = 0; i + 1 < corners.length; i++) {
            if (line.distancePerpendicular(corners[i]) < ON_LINE
                    && line.distancePerpendicular(corners[i + 1]) < ON_LINE) {
                double a = line.projectionFactor(corners[i]) * line.getLength();
                double b = line.projectionFactor(corners[i + 1]) * line.getLength();
                stretches.add(new Stretch(panel.id(), Math.max(0, Math.min(a, b)),
                        Math.min(line.getLength(), Math.max(a, b)), b > a == paperOnLeft));
            }
        }
    }

    private boolean slitAt(Coordinate point) {
        return piece.slits().stream()
                .anyMatch(slit -> CreasePatternBuilder.segment(slit.line()).distance(point) < ON_LINE);
    }
}
