package cufflink.plan;

import cufflink.design.Fold;
import cufflink.score.ScoreSetup;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.LineSegment;

/**
 * A piece of virtual paper on the table: what hands have made of it that know nothing but their run sheet. Places are
 * kept as the piece lies flat with its up face up, x right and y down from its top left corner, millimetres.
 */
final class HandPaper {
    /**
     * A line that is pressed into it, as it is seen on the face that lies up in the piece; it may lie so far off,
     * millimetres.
     */
    record Crease(LineSegment at, Fold fold, double slack) {
    }

    /** A hole, or what is cut away round a shape; its edge may lie so far off, millimetres. */
    record Hole(Geometry shape, double slack) {
    }

    /** A slit; it may lie so far off, millimetres. */
    record Cut(LineSegment at, double slack) {
    }

    private final double width;
    private final double height;
    private final List<Crease> creases = new ArrayList<>();
    private final List<Hole> holes = new ArrayList<>();
    private final List<Cut> slits = new ArrayList<>();
    private final Set<String> scored = new HashSet<>();
    private int folds = -1;

    HandPaper(double width, double height) {
        this.width = width;
        this.height = height;
    }

    double width() {
        return width;
    }

    double height() {
        return height;
    }

    List<Crease> creases() {
        return creases;
    }

    List<Hole> holes() {
        return holes;
    }

    List<Cut> slits() {
        return slits;
    }

    /** The last step of its own folding that was carried out, from 0; below 0 before the first. */
    int folds() {
        return folds;
    }

    void fold(int step) {
        folds = step;
    }

    boolean isScored(String score) {
        return scored.contains(score);
    }

    boolean isCutInto() {
        return !holes.isEmpty() || !slits.isEmpty();
    }

    void punch(Hole hole) {
        holes.add(hole);
    }

    void slit(Cut slit) {
        slits.add(slit);
    }

    /** Presses a line into the paper as it lies on the board for a setup; places from the board's top left corner. */
    void score(String id, Crease onBoard, ScoreSetup setup, boolean behind) {
        scored.add(id);
        creases.add(new Crease(
                new LineSegment(fromBoard(onBoard.at().p0, setup), fromBoard(onBoard.at().p1, setup)),
                behind ? onBoard.fold().seenFromBehind() : onBoard.fold(), onBoard.slack()));
    }

    /**
     * A place on the board as a place of the piece. Turned over like a page, what was at the right is at the left;
     * turned a quarter to the left, what was at the top is at the left, and what was at the right is at the top.
     */
    private Coordinate fromBoard(Coordinate at, ScoreSetup setup) {
        double x = setup.turned() ? width - at.y : at.x;
        double y = setup.turned() ? at.x : at.y;
        return new Coordinate(setup.mirrored() ? width - x : x, y);
    }

    /** How long a groove runs over it as it lies. */
    double along(ScoreSetup setup) {
        return setup.turned() ? width : height;
    }
}
