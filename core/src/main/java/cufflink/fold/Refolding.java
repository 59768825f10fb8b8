package cufflink.fold;

import cufflink.crease.CreasePattern;
import cufflink.crease.CreasedDesign;
import cufflink.crease.Hinge;
import cufflink.crease.RobustOverlay;
import cufflink.design.CreaseRef;
import cufflink.design.Fold;
import cufflink.design.PanelRef;
import cufflink.design.Score;
import cufflink.design.SizedDesign;
import cufflink.design.SizedDesign.Figure;
import cufflink.design.SizedDesign.FoldStep;
import cufflink.design.SizedDesign.Line;
import cufflink.design.SizedDesign.Piece;
import cufflink.measure.Length;
import cufflink.problem.Outcome;
import cufflink.words.NoteWords;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineSegment;
import org.locationtech.jts.geom.LineString;

/**
 * Works out the creases that appear when paper that is already folded is folded again through all its layers: each
 * layer that the crease crosses gets a score line of its own where the crease falls on it, mountain and valley changed
 * round if that layer lies turned over. They become part of the piece, so that they can be scored beforehand.
 */
final class Refolding {
    private static final GeometryFactory FACTORY = new GeometryFactory();
    private static final double SHORTEST = 0.1;
    private static final int MOST_CREASES = 64;

    private final SizedDesign design;
    private final Piece piece;
    private final Folder folder;

    private Refolding(CreasedDesign creased, CreasePattern pattern) {
        this.design = creased.sized();
        this.piece = design.piece(pattern.piece());
        this.folder = new Folder(Assembly.of(pattern, Anchor.of(design, pattern)));
    }

    /** The design with the creases that its folds through all layers add. */
    static Outcome<CreasedDesign> complete(CreasedDesign creased) {
        Outcome<CreasedDesign> complete = Outcome.of(creased);
        List<String> again = creased.sized().folding().stream().filter(FoldStep::through).map(FoldStep::piece)
                .distinct().filter(creased.patterns()::containsKey).toList();
        for (String piece : again) {
            for (int added = 0; added < MOST_CREASES && complete.value().isPresent(); added++) {
                CreasedDesign now = complete.value().get();
                Optional<SizedDesign> next = new Refolding(now, now.patterns().get(piece)).withOneMore();
                if (next.isEmpty()) {
                    break;
                }
                complete = CreasedDesign.of(next.get());
            }
        }
        return complete;
    }

    private Optional<SizedDesign> withOneMore() {
        Map<CreaseRef, Double> angles = new HashMap<>();
        for (int i = 0; i < design.folding().size(); i++) {
            FoldStep step = design.folding().get(i);
            if (!step.piece().equals(piece.id())) {
                continue;
            }
            Optional<FoldedState> before = step.through() ? folder.fold(angles).value().filter(FoldedState::isFlat)
                    : Optional.empty();
            Optional<Score> missing = before.flatMap(state -> missing(state, step));
            if (missing.isPresent()) {
                return Optional.of(with(i, missing.get()));
            }
            step.creases().forEach(crease -> angles.put(new CreaseRef(piece.id(), crease), step.angle()));
        }
        return Optional.empty();
    }

    private Optional<Score> missing(FoldedState before, FoldStep step) {
        for (String crease : step.creases()) {
            for (PanelRef panel : before.assembly().panels()) {
                for (boolean turned : new boolean[] {false, true}) {
                    Optional<Score> score = missing(before, crease, panel, turned);
                    if (score.isPresent()) {
                        return score;
                    }
                }
            }
        }
        return Optional.empty();
    }

    /**
     * A crease as it falls on a panel from layers that lie as the panel does, or the other way up: its first stretch
     * there, however many panels it runs along.
     */
    private Optional<Score> missing(FoldedState before, String crease, PanelRef panel, boolean turned) {
        List<Hinge> over = before.assembly().pieces().get(0).hinges().stream()
                .filter(hinge -> hinge.crease().equals(crease) && !hinge.joins(panel.panel())
                        && before.position().get(new PanelRef(piece.id(), hinge.first())).turnsOver()
                                != before.position().get(panel).turnsOver() == turned)
                .toList();
        Optional<LineSegment> found = Optional.empty();
        for (Hinge hinge : over) {
            RigidMotion motion = before.position().get(new PanelRef(piece.id(), hinge.first()));
            LineString line = FACTORY.createLineString(
                    new Coordinate[] {flat(motion.apply(hinge.at().p0)), flat(motion.apply(hinge.at().p1))});
            Optional<LineSegment> crossed = crossed(before, panel, line);
            found = found.isEmpty() ? crossed : crossed.isEmpty() ? found
                    : Optional.of(joined(found.get(), crossed.get()));
        }
        return found.map(at -> {
            Fold fold = over.get(0).fold();
            String id = unused(crease + " on the " + before.assembly().panel(panel).label());
            return new Score(id, line(id, at), turned ? fold.seenFromBehind() : fold);
        });
    }

    /** Two stretches of one line that meet become one; others are left for later. */
    private static LineSegment joined(LineSegment one, LineSegment other) {
        double from = Math.min(one.projectionFactor(other.p0), one.projectionFactor(other.p1)) * one.getLength();
        double to = Math.max(one.projectionFactor(other.p0), one.projectionFactor(other.p1)) * one.getLength();
        boolean meet = one.distancePerpendicular(other.p0) < SHORTEST / 10
                && one.distancePerpendicular(other.p1) < SHORTEST / 10 && from < one.getLength() + SHORTEST / 10
                && to > -SHORTEST / 10;
        return meet ? new LineSegment(one.pointAlong(Math.min(0, from / one.getLength())),
                one.pointAlong(Math.max(1, to / one.getLength()))) : one;
    }

    private String unused(String id) {
        Set<String> taken = piece.scores().stream().map(Score::id).collect(Collectors.toSet());
        return IntStream.iterate(1, number -> number + 1).mapToObj(number -> number == 1 ? id : id + " " + number)
                .filter(name -> !taken.contains(name)).findFirst().orElseThrow();
    }

    private static Coordinate flat(Point3 point) {
        return new Coordinate(point.x(), point.y());
    }

    /** Where a line passes through the inside of a panel, in the panel's own coordinates. */
    private static Optional<LineSegment> crossed(FoldedState state, PanelRef panel, LineString line) {
        Geometry inside = RobustOverlay.intersection(state.footprint(panel).buffer(-SHORTEST / 10), line);
        if (inside.getLength() < SHORTEST) {
            return Optional.empty();
        }
        Geometry full = RobustOverlay.intersection(state.footprint(panel), line);
        Coordinate[] ends = full.getCoordinates();
        RigidMotion back = state.position().get(panel).inverse();
        return Optional.of(new LineSegment(flat(back.apply(ends[0])), flat(back.apply(ends[ends.length - 1]))));
    }

    private static Line line(String id, LineSegment at) {
        Length x1 = Length.nearestToMillimetres(at.p0.x);
        Length y1 = Length.nearestToMillimetres(at.p0.y);
        Length x2 = Length.nearestToMillimetres(at.p1.x);
        Length y2 = Length.nearestToMillimetres(at.p1.y);
        if (x1.equals(x2)) {
            return new Line(SizedDesign.Along.X, Optional.of(figure(id, x1)), x1, Length.shorter(y1, y2), x2,
                    Length.longer(y1, y2));
        } else if (y1.equals(y2)) {
            return new Line(SizedDesign.Along.Y, Optional.of(figure(id, y1)), Length.shorter(x1, x2), y1,
                    Length.longer(x1, x2), y2);
        }
        return new Line(SizedDesign.Along.LINE, Optional.empty(), x1, y1, x2, y2);
    }

    private static Figure figure(String id, Length at) {
        return Figure.of("score " + id, at, NoteWords.FALLS_ON_LAYER.of());
    }

    private SizedDesign with(int index, Score score) {
        List<FoldStep> longer = new ArrayList<>(design.folding());
        FoldStep step = longer.get(index);
        List<String> creases = new ArrayList<>(step.creases());
        creases.add(score.id());
        longer.set(index, new FoldStep(step.piece(), creases, step.angle(), step.said(), step.through(), step.opens(),
                step.tucks()));
        List<Piece> pieces = design.pieces().stream()
                .map(other -> other.id().equals(piece.id()) ? piece.with(score) : other).toList();
        return design.with(pieces, longer);
    }
}
