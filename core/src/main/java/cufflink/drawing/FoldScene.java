package cufflink.drawing;

import cufflink.crease.Openings;
import cufflink.crease.RobustOverlay;
import cufflink.design.CreaseRef;
import cufflink.design.Fold;
import cufflink.design.Held;
import cufflink.design.Page;
import cufflink.design.PanelRef;
import cufflink.design.SizedDesign;
import cufflink.fold.FoldedState;
import cufflink.fold.Point3;
import cufflink.fold.SpreadState;
import cufflink.mat.MatLayer;
import cufflink.paper.PaperRole;
import cufflink.paper.Stock;
import cufflink.plan.Plan;
import cufflink.problem.Ordered;
import cufflink.stack.Attached;
import cufflink.stack.ClosedStack;
import cufflink.stack.SoftSpan;
import cufflink.stack.StackedDesign;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.locationtech.jts.algorithm.locate.SimplePointInAreaLocator;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.LineSegment;
import org.locationtech.jts.geom.Polygon;

/**
 * What is to be drawn of folded paper.
 *
 * @param state  where the panels are
 * @param lift   how far each panel is set off its own plane towards its up face so that layers lie apart, millimetres
 * @param papers by piece id
 * @param mats   layers on the panels
 * @param layers papers of the layers, by number
 * @param trim   soft pieces, hardware, ornaments, spines
 * @param marked creases that are drawn as "now"
 * @param top    by panel: degrees by which the top of a pattern on its outside is turned from the top of the piece
 * @param pages  sides of pages, whose names stand on them
 * @param whole  outlines of panels in which something is cut only later
 */
public record FoldScene(FoldedState state, Map<PanelRef, Double> lift, Map<String, Stock> papers, List<MatLayer> mats,
        Map<Integer, Stock> layers, Trim trim, Set<CreaseRef> marked, Map<PanelRef, Integer> top,
        List<Page.Side> pages, Map<PanelRef, Polygon> whole) {
    /** How far layers are set apart, and how much a whole stack may swell, millimetres. */
    private static final double APART = 0.5;
    private static final double STACK = 6;

    /**
     * What lies on panels, and what spans from panel to panel: ribbons, spines.
     *
     * @param colours of ornaments that have one of their own, by id
     * @param ribs    lines that are scored for show
     */
    public record Trim(List<Attached> on, List<SoftSpan> spans, List<SpreadState.Spine> spines,
            Map<String, String> colours, List<Rib> ribs) {
        public Trim {
            ribs = List.copyOf(ribs);
            colours = Ordered.map(colours);
            spines = List.copyOf(spines);
            on = List.copyOf(on);
            spans = List.copyOf(spans);
        }
    }

    /** A line that is scored for show, on the panel on which its middle lies; in the piece's coordinates. */
    public record Rib(PanelRef on, String score, LineSegment at) {
        private static List<Rib> of(Plan plan) {
            List<Rib> ribs = new ArrayList<>();
            plan.pieces().forEach((id, folded) -> plan.design().piece(id).scores().stream()
                    .filter(score -> score.fold() == Fold.DECORATIVE).forEach(score -> {
                        LineSegment at = new LineSegment(score.line().x1().toMillimetres(),
                                score.line().y1().toMillimetres(), score.line().x2().toMillimetres(),
                                score.line().y2().toMillimetres());
                        folded.pattern().panels().stream()
                                .filter(panel -> SimplePointInAreaLocator.isContained(at.midPoint(), panel.outline()))
                                .findFirst()
                                .ifPresent(panel -> ribs.add(new Rib(new PanelRef(id, panel.id()), score.id(), at)));
                    }));
            return ribs;
        }
    }

    public FoldScene {
        lift = Ordered.map(lift);
        papers = Ordered.map(papers);
        mats = List.copyOf(mats);
        layers = Ordered.map(layers);
        marked = Ordered.set(marked);
        top = Ordered.map(top);
        pages = List.copyOf(pages);
        whole = Ordered.map(whole);
    }

    /**
     * A state of a plan's paper.
     *
     * @param flat  the flat state in which the order of the layers is known
     * @param order its panels from the viewer's side down; empty if it is not known
     */
    public static FoldScene of(Plan plan, FoldedState state, FoldedState flat, List<PanelRef> order) {
        Map<String, Stock> papers = new HashMap<>();
        plan.design().pieces().forEach(piece -> papers.put(piece.id(), plan.project().paper(piece)));
        Map<Integer, Stock> layers = new HashMap<>();
        plan.mats().forEach(mat -> layers.put(mat.layer(), plan.project().paper(PaperRole.layer(mat.layer()))));
        SpreadState spread = SpreadState.of(state);
        return new FoldScene(spread.state(), LayerLift.of(spread.state(), flat, order, APART, STACK), papers,
                plan.mats(), layers, new Trim(List.of(), List.of(), spread.spines(), Map.of(), Rib.of(plan)), Set.of(),
                tops(plan),
                plan.design().sidesOfPages(), Map.of());
    }

    /** Where the top of the closed card lies for each panel as its piece lies flat. */
    private static Map<PanelRef, Integer> tops(Plan plan) {
        Map<PanelRef, Integer> tops = new HashMap<>();
        Held held = plan.design().definition().held();
        Point3 up = new Point3(held.ownX(0, -1), held.ownY(0, -1), 0);
        plan.closed().ifPresent(flat -> flat.state().position().forEach((panel, motion) -> {
            Point3 top = motion.inverse().turn(up);
            tops.put(panel, (int) Math.round(Math.toDegrees(Math.atan2(top.x(), -top.y()))));
        }));
        return tops;
    }

    /** The same with the ribbons, the hardware, the ornaments and the contents of the finished card in a pose. */
    FoldScene trimmed(Plan plan, String pose) {
        StackedDesign stacked = plan.workings().stacked();
        // Ribbons lie over what they hold.
        List<Attached> on = new ArrayList<>(stacked.stack().map(ClosedStack::contents).orElse(List.of()));
        on.addAll(stacked.trim(pose));
        return new FoldScene(state, lift, papers, mats, layers,
                new Trim(on, SoftSpan.of(stacked, state), trim.spines(), LayerColours.ornaments(plan),
                        trim.ribs()),
                marked, top, pages, whole);
    }

    /**
     * The same while a piece is folded: some cut-outs, by their ids, are still closed, and of the layers only those are
     * on that lie over a whole piece.
     */
    FoldScene before(SizedDesign.Piece piece, Set<String> cuts) {
        Map<PanelRef, Polygon> closed = new HashMap<>(whole);
        state.assembly().pattern(piece.id()).panels().forEach(panel -> {
            Geometry outline = panel.outline();
            for (SizedDesign.CutOut cut : piece.cutOuts()) {
                outline = cuts.contains(cut.id()) && !cut.outside() ? RobustOverlay.union(outline,
                        RobustOverlay.intersection(Openings.of(cut), panel.outline().getEnvelope())) : outline;
            }
            if (outline instanceof Polygon polygon && !polygon.equals(panel.outline())) {
                closed.put(new PanelRef(piece.id(), panel.id()), polygon);
            }
        });
        List<MatLayer> on = mats.stream().filter(mat -> mat.on().isWhole()).toList();
        return new FoldScene(state, lift, papers, on, layers, trim, marked, top, pages, closed);
    }

    /** The same with creases marked. */
    public FoldScene marking(Set<CreaseRef> creases) {
        return new FoldScene(state, lift, papers, mats, layers, trim, creases, top, pages, whole);
    }
}
