package cufflink.fold;

import cufflink.crease.CreasePattern;
import cufflink.crease.Hinge;
import cufflink.crease.Panel;
import cufflink.design.CreaseRef;
import cufflink.design.Fold;
import cufflink.design.PanelRef;
import cufflink.design.SizedDesign.Passing;
import cufflink.design.SizedDesign.Round;
import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import cufflink.words.FoldWords;
import cufflink.words.Message;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.LineSegment;

/**
 * A strip pleated to and fro, opened about the middle of a disc: its lower edge meets there, its upper edge is the rim.
 * <p>
 * Its folds lie on radii, one high, the next low, all at one angle α. At the distance r from the middle two of them are
 * 2·r·sin(α/2) apart as seen from above, and one pleat apart along the paper; by Pythagoras the high one lies √(pleat²
 * − (2·r·sin(α/2))²) above the low one there. So the folds come down towards the rim, and panels twist: a panel is the
 * ruled surface between its two folds. The radius is that at which a fold is as long as the strip is wide. What is too
 * short for its rim has no such form. A turn of 360° needs an even number of panels, and one more that lies on the
 * first of them.
 */
final class RoundForm {
    private static final double SAME = 1e-3;
    private static final double WHOLE = 360;
    /** What is less than whole opens upwards. */
    private static final double START = -Math.PI / 2;
    /** Enough for a strip a metre wide to the last digit of a double. */
    private static final int HALVINGS = 60;
    /** How far above what it lies on a hub, or the panel on the first one, is drawn, millimetres. */
    private static final double ABOVE = 0.1;

    private final Round round;
    private final CreasePattern strip;
    private final Later later;
    private final List<Panel> panels;
    private final List<Hinge> folds;
    private final double pleat;
    private final double step;
    private final double inner;
    private final double rim;

    private RoundForm(Round round, CreasePattern strip, Later later) {
        this.round = round;
        this.strip = strip;
        this.later = later;
        panels = strip.panels().stream().sorted(Comparator.comparingDouble(panel -> panel.bounds().getMinX())).toList();
        folds = strip.hinges().stream().filter(Hinge::folds)
                .sorted(Comparator.comparingDouble(hinge -> hinge.at().p0.x)).toList();
        pleat = panels.get(0).bounds().getWidth();
        step = Math.toRadians(round.turn()) / open();
        inner = round.hole().toMillimetres() / 2;
        rim = rim();
    }

    /** The strip in its round form, with the hubs; or why it has none. */
    static Outcome<FoldedState> of(Round round, FoldedState closed, Later later) {
        Assembly joined = closed.assembly().joinedAsIn(closed);
        CreasePattern strip = joined.pattern(joined.anchor().piece());
        RoundForm form = new RoundForm(round, strip, later);
        return form.problem().map(problem -> Outcome.<FoldedState>failed(problem))
                .orElseGet(() -> Outcome.of(form.state(joined, closed.position())));
    }

    private boolean isWhole() {
        return round.turn() > WHOLE - SAME;
    }

    /** Panels that go round; the last one of a whole turn lies on the first. */
    private int open() {
        return Math.max(1, panels.size() - (isWhole() ? 1 : 0));
    }

    private double width() {
        return panels.get(0).bounds().getHeight();
    }

    /** By halving: the further out its end, the longer the fold, as it falls towards the rim. */
    private double rim() {
        double low = inner;
        double high = inner + width();
        for (int i = 0; i < HALVINGS; i++) {
            double out = (low + high) / 2;
            boolean beyond = Math.hypot(out - inner, height(inner) - height(out)) > width();
            low = beyond ? low : out;
            high = beyond ? out : high;
        }
        return low;
    }

    /** How far folds are apart from their mean height. */
    private double height(double radius) {
        double apart = 2 * radius * Math.sin(step / 2);
        return Math.sqrt(Math.max(0, pleat * pleat - apart * apart)) / 2;
    }

    private Optional<Problem> problem() {
        if (!(round.turn() > 0 && round.turn() <= WHOLE + SAME) || inner < 0) {
            return problem(FoldWords.ROUND_BEYOND_A_TURN.of("turn", Math.round(round.turn())));
        } else if (!isPleated()) {
            return problem(FoldWords.ROUND_TAKES_PLEATS.of());
        } else if (isWhole() && open() % 2 == 1) {
            return problem(FoldWords.ROUND_MEETS_WRONG.of("panels", panels.size()));
        }
        Optional<PanelRef> lost = round.hubs().stream()
                .filter(hub -> pattern(hub).flatMap(pattern -> pattern.panel(hub.panel())).isEmpty()).findFirst();
        if (lost.isPresent()) {
            return problem(FoldWords.ROUND_HUB_ELSEWHERE.of("panel", lost.get()));
        }
        double missing = open() * (2 * rim * Math.sin(step / 2) - pleat);
        return missing > SAME
                ? problem(FoldWords.ROUND_TOO_SHORT.of("percent", Math.ceil(1000 * missing / (open() * pleat)) / 10))
                : Optional.empty();
    }

    private Optional<Problem> problem(Message message) {
        return Optional.of(Problem.error(strip.piece(), message));
    }

    /** Whether it is a row of equal panels, folded to and fro. */
    private boolean isPleated() {
        for (int i = 0; i < folds.size(); i++) {
            LineSegment at = folds.get(i).at();
            double x = panels.get(0).bounds().getMinX() + (i + 1) * pleat;
            if (Math.abs(at.p0.x - x) > SAME || Math.abs(at.p1.x - x) > SAME
                    || i > 0 && folds.get(i).fold() == folds.get(i - 1).fold()) {
                return false;
            }
        }
        return folds.size() == panels.size() - 1 && !folds.isEmpty() && panels.stream()
                .allMatch(panel -> Math.abs(panel.outline().getArea() - pleat * width()) < SAME * width());
    }

    /** Whether the line on the left of a panel lies high, or low. */
    private boolean isHigh(int line) {
        boolean firstHigh = folds.get(0).fold() == Fold.MOUNTAIN;
        return line % 2 == 1 == firstHigh;
    }

    private Point3 onFold(int line, double radius) {
        double angle = START + line * step - Math.toRadians(round.turn()) / 2;
        return new Point3(radius * Math.cos(angle), radius * Math.sin(angle),
                isHigh(line) ? height(radius) : -height(radius));
    }

    private Optional<CreasePattern> pattern(PanelRef hub) {
        return later.others().stream().filter(other -> other.piece().equals(hub.piece())).findFirst();
    }

    private FoldedState state(Assembly joined, Map<PanelRef, RigidMotion> closed) {
        Map<PanelRef, RigidMotion> places = new LinkedHashMap<>();
        Map<PanelRef, List<Point3>> twisted = new LinkedHashMap<>();
        for (int i = 0; i < panels.size(); i++) {
            Panel panel = panels.get(i);
            PanelRef ref = new PanelRef(strip.piece(), panel.id());
            int line = i;
            double above = i == open() ? ABOVE : 0;
            Coordinate[] ring = panel.outline().getExteriorRing().getCoordinates();
            twisted.put(ref, Arrays.stream(ring, 0, ring.length - 1).map(corner -> {
                Point3 at = twisted(panel, line, corner);
                return new Point3(at.x(), at.y(), at.z() + above);
            }).toList());
            places.put(ref, mean(panel, line));
        }
        follow(joined, closed, places);
        List<CreasePattern> hubs = new ArrayList<>();
        List<Join> joins = new ArrayList<>();
        for (int i = 0; i < round.hubs().size(); i++) {
            PanelRef hub = round.hubs().get(i);
            PanelRef first = new PanelRef(strip.piece(), panels.get(0).id());
            CreasePattern pattern = pattern(hub).orElseThrow();
            hubs.add(pattern);
            RigidMotion place = hub(pattern.panel(hub.panel()).orElseThrow(), i == 0);
            places.put(hub, place);
            joins.add(new Join("hub " + hub.piece(), Join.Way.GLUED, hub, first,
                    new Join.Seat(Optional.of(places.get(first).inverse().after(place)), i == 0, Optional.empty()),
                    List.of(), Passing.NOTHING));
        }
        Map<CreaseRef, Double> angles = new LinkedHashMap<>();
        double slope = Math.acos(Math.min(1, 2 * mean() * Math.sin(step / 2) / pleat));
        joined.creases().forEach(crease -> angles.put(crease, Math.toDegrees(2 * slope)));
        return new FoldedState(joined.with(hubs, joins), angles, places, twisted);
    }

    /** What is glued on a panel goes with it, folded as it is in the closed strip. */
    private static void follow(Assembly joined, Map<PanelRef, RigidMotion> closed, Map<PanelRef, RigidMotion> places) {
        boolean grew = true;
        while (grew) {
            grew = false;
            for (Join join : joined.joins()) {
                PanelRef known = places.containsKey(join.onto()) ? join.onto() : join.part();
                PanelRef other = known.equals(join.onto()) ? join.part() : join.onto();
                if (places.containsKey(known) && !places.containsKey(other)) {
                    RigidMotion moved = places.get(known).after(closed.get(known).inverse());
                    joined.panels().stream().filter(panel -> panel.piece().equals(other.piece()))
                            .forEach(panel -> places.put(panel, moved.after(closed.get(panel))));
                    grew = true;
                }
            }
        }
    }

    private double mean() {
        return (inner + rim) / 2;
    }

    private Point3 twisted(Panel panel, int line, Coordinate corner) {
        double down = (corner.y - panel.bounds().getMinY()) / width();
        double share = (corner.x - panel.bounds().getMinX()) / pleat;
        double radius = rim + (inner - rim) * down;
        Point3 left = onFold(line, radius);
        Point3 right = onFold(line + 1, radius);
        return new Point3(left.x() + (right.x() - left.x()) * share, left.y() + (right.y() - left.y()) * share,
                left.z() + (right.z() - left.z()) * share);
    }

    /** Where a panel lies on the whole: on its middle radius, as steep as it is half way to the rim. */
    private RigidMotion mean(Panel panel, int line) {
        double x = panel.bounds().centre().x;
        double y = panel.bounds().getMinY() + rim;
        double slope = Math.asin(Math.min(1, 2 * height(mean()) / pleat));
        RigidMotion tilted = RigidMotion.about(new LineSegment(x, 0, x, 1), isHigh(line) ? slope : -slope);
        double turned = Math.toDegrees(START + (line + 0.5) * step) - round.turn() / 2 + 90;
        return RigidMotion.spin(new Coordinate(0, 0), turned).after(RigidMotion.shift(-x, -y)).after(tilted);
    }

    /** On the middle, above the highest folds or beneath the lowest. */
    private RigidMotion hub(Panel hub, boolean top) {
        Coordinate centre = hub.bounds().centre();
        RigidMotion laid = RigidMotion.shift(-centre.x, -centre.y);
        double high = height(inner) + ABOVE;
        RigidMotion lifted = RigidMotion.lift(top ? high : -high);
        return lifted.after(top ? laid : RigidMotion.mirrorAt(0).after(laid));
    }
}
