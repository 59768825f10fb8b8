package cufflink.plan;

import cufflink.crease.Openings;
import cufflink.design.DesignDefinition.Way;
import cufflink.design.Score;
import cufflink.design.SizedDesign;
import cufflink.design.SizedDesign.CutOut;
import cufflink.design.SizedDesign.Slit;
import cufflink.stack.SoftWay;
import cufflink.words.HandWords;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.locationtech.jts.algorithm.distance.DiscreteHausdorffDistance;
import org.locationtech.jts.densify.Densifier;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.LineSegment;

/** Holds what virtual hands have made against the plan. */
final class HandComparison {
    /** No further apart are the points of an outline that are compared, millimetres. */
    private static final double FINE = 5;

    private final HandTable table;
    private final Workings plan;

    HandComparison(HandTable table) {
        this.table = table;
        this.plan = table.plan();
    }

    /** What lies on the table at the end, against the plan. */
    void compare() {
        plan.design().pieces().stream().filter(piece -> piece.from().isEmpty())
                .forEach(piece -> CutPart.of(plan.project(), piece).forEach(part -> cut(part, table.slack(piece))));
        plan.mats().forEach(mat -> {
            CutPart.of(plan.project(), plan.design(), mat).forEach(part -> cut(part, HandTable.SHARP));
            needed("cut " + mat.id(), mat.label());
            needed("on " + mat.id(), mat.label());
        });
        plan.design().pieces().forEach(this::compare);
        plan.design().glue().stream().filter(glue -> glue.way() != Way.TIED)
                .forEach(glue -> needed("glued " + glue.id(), glue.said().title()));
        plan.design().puts().forEach(put -> needed("put " + put.part().name(), put.part().label()));
        plan.soft().stream().map(SoftWay::soft).forEach(soft -> {
            needed("strand " + soft.id(), soft.label());
            if (!soft.way().isEmpty()) {
                needed("trim " + soft.id(), soft.label());
            }
        });
        // One whose panel is gone has no step; another check names it.
        plan.design().ornaments().stream()
                .filter(ornament -> Optional.ofNullable(plan.pieces().get(ornament.on().piece()))
                        .flatMap(piece -> piece.pattern().panel(ornament.on().panel())).isPresent())
                .forEach(ornament -> needed("trim " + ornament.id(), ornament.label()));
        plan.design().fixings().forEach(fixing -> needed("trim " + fixing.id(), fixing.label()));
    }

    private void needed(String what, String label) {
        if (!table.isDone(what)) {
            table.fault(HandWords.LEFT_OUT.of("what", label));
        }
    }

    /** As many of it as there are copies, each of its size whichever way it lay on the sheet. */
    private void cut(CutPart part, double slack) {
        List<HandTable.Blank> there = table.blanks(part);
        if (there.size() != plan.project().copies()) {
            table.fault(HandWords.WRONG_COUNT.of("piece", part.label(), "wanted", plan.project().copies(), "count",
                    there.size()));
        }
        if (!there.stream().allMatch(blank -> blank.is(part.width(), part.height(), slack)
                || blank.turned().is(part.width(), part.height(), slack))) {
            table.fault(HandWords.WRONG_SIZE.of("piece", part.label()));
        }
    }

    private void compare(SizedDesign.Piece piece) {
        HandPaper paper = table.lying(piece.id()).orElse(null);
        List<Score> wanted = piece.lines().stream().filter(score -> !score.isPinched()).toList();
        if (paper == null) {
            // What is neither scored nor glued nor folded is only cut.
            if (!wanted.isEmpty() || piece.from().isPresent()) {
                table.fault(HandWords.LEFT_OUT.of("what", piece.label()));
            }
            return;
        }
        double slack = table.off(piece);
        if (!HandTable.isNear(paper.width(), piece.width().length(), slack)
                || !HandTable.isNear(paper.height(), piece.height().length(), slack)) {
            table.fault(HandWords.WRONG_SIZE.of("piece", piece.label()));
        }
        for (Score score : wanted) {
            if (paper.creases().stream().noneMatch(crease -> crease.fold() == score.fold()
                    && isAlong(crease.at(), line(score.line()),
                            HandTable.MITRE * crease.slack() + HandTable.SHARP, slack))) {
                table.fault(HandWords.CREASE_ELSEWHERE.of("crease", score.id(), "piece", piece.label()));
            }
        }
        if (paper.creases().size() != wanted.size()) {
            table.fault(HandWords.CREASES_COUNTED.of("piece", piece.label(), "wanted", wanted.size(), "count",
                    paper.creases().size()));
        }
        holes(piece, paper);
        if (paper.folds() + 1 < plan.pieces().get(piece.id()).stages().size()) {
            table.fault(HandWords.NOT_FOLDED_AT_ALL.of("piece", piece.label()));
        }
    }

    private static LineSegment line(SizedDesign.Line line) {
        return new LineSegment(line.x1().toMillimetres(), line.y1().toMillimetres(), line.x2().toMillimetres(),
                line.y2().toMillimetres());
    }

    /**
     * Whether a crease is the line: on it from end to end. It may run on or end a little where the paper is cut larger
     * or smaller; a slanting one may run on into what is cut away.
     */
    private static boolean isAlong(LineSegment crease, LineSegment wanted, double slack, double further) {
        boolean on = Stream.of(wanted.p0, wanted.p1).allMatch(end -> crease.distancePerpendicular(end) <= slack
                && crease.distance(end) <= slack + further);
        boolean ends = wanted.distance(crease.p0) <= slack + further && wanted.distance(crease.p1) <= slack + further;
        boolean slanting = Math.abs(wanted.p0.x - wanted.p1.x) > slack && Math.abs(wanted.p0.y - wanted.p1.y) > slack;
        return on && (ends || slanting);
    }

    private void holes(SizedDesign.Piece piece, HandPaper paper) {
        List<CutOut> wanted = piece.cutOuts().stream().filter(cut -> !Triangles.isDiagonal(piece, cut)).toList();
        for (CutOut cut : wanted) {
            Geometry shape = Openings.of(cut);
            if (paper.holes().stream().noneMatch(
                    hole -> isLike(hole.shape(), shape, HandTable.MITRE * hole.slack() + HandTable.SHARP))) {
                table.fault(HandWords.HOLE_ELSEWHERE.of("hole", cut.id(), "piece", piece.label()));
            }
        }
        for (Slit slit : piece.slits()) {
            LineSegment line = line(slit.line());
            if (paper.slits().stream()
                    .noneMatch(cut -> isAlong(cut.at(), line, HandTable.MITRE * cut.slack() + HandTable.SHARP, 0))) {
                table.fault(HandWords.HOLE_ELSEWHERE.of("hole", slit.id(), "piece", piece.label()));
            }
        }
        if (paper.holes().size() != wanted.size() || paper.slits().size() != piece.slits().size()) {
            table.fault(HandWords.NOTHING_TO_CUT.of("piece", piece.label()));
        }
    }

    /** Whether the outlines lie less than so far apart where they are furthest apart. */
    private static boolean isLike(Geometry one, Geometry other, double apart) {
        return isLike(one.getEnvelopeInternal(), other.getEnvelopeInternal(), apart)
                && DiscreteHausdorffDistance.distance(Densifier.densify(one, FINE),
                        Densifier.densify(other, FINE)) < apart;
    }

    /** Outlines never lie nearer than the sides of their boxes; most holes are told apart by these. */
    private static boolean isLike(Envelope one, Envelope other, double apart) {
        return Math.abs(one.getMinX() - other.getMinX()) < apart && Math.abs(one.getMaxX() - other.getMaxX()) < apart
                && Math.abs(one.getMinY() - other.getMinY()) < apart
                && Math.abs(one.getMaxY() - other.getMaxY()) < apart;
    }
}
