package cufflink.plan;

import cufflink.crease.Openings;
import cufflink.cut.CutList;
import cufflink.design.PanelRef;
import cufflink.design.Score;
import cufflink.design.SizedDesign;
import cufflink.design.SizedDesign.CutOut;
import cufflink.design.SizedDesign.Slit;
import cufflink.design.Soft;
import cufflink.fold.FoldStage;
import cufflink.mat.MatLayer;
import cufflink.measure.Length;
import cufflink.score.ScoreSetup;
import cufflink.score.Slant;
import cufflink.stack.SoftWay;
import cufflink.words.HandWords;
import cufflink.words.Message;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.locationtech.jts.algorithm.distance.DiscreteHausdorffDistance;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineSegment;

/**
 * Carries a run sheet out on virtual paper and compares what lies there at the end with the plan. The hands begin with
 * bare sheets and know nothing but the steps: what each is about, and the numbers that stand in it, as they are read
 * off the ruler. A step that needs what is not there yet, a piece that nobody cut, a crease that nobody scored or that
 * was scored from the wrong end or the wrong face, a layer, a joint or a part that was forgotten or comes twice is
 * named.
 */
public final class VirtualHands {
    /** What a pencil and a rule may miss, millimetres, where a number is not rounded. */
    private static final double SHARP = 0.1;
    private static final int ROUND = 32;
    /** What is off to both sides is further off in all. */
    private static final double MITRE = 1.5;
    /** Shares of a side at which outlines are compared. */
    private static final double FINE = 0.2;
    private static final GeometryFactory FACTORY = new GeometryFactory();

    private final Workings plan;
    private final List<Message> faults = new ArrayList<>();
    /** What was cut from sheets, by label, as it came off the trimmer. */
    private final Map<String, List<Blank>> blanks = new HashMap<>();
    private final Map<String, HandPaper> papers = new LinkedHashMap<>();
    /** By piece: how far its sides may be off. */
    private final Map<String, Double> off = new HashMap<>();
    /** What is done once: layers cut and glued, joints, parts, ribbons. */
    private final Set<String> done = new HashSet<>();

    /** A rectangle; each way it may be off by so much, millimetres. */
    private record Blank(double width, double height, double slack) {
        Blank turned() {
            return new Blank(height, width, slack);
        }

        /** What lies between the fence and the blade, or beyond. */
        Blank cut(boolean upright, double at, double off, boolean near) {
            return new Blank(!upright ? width : near ? at : width - at, upright ? height : near ? at : height - at,
                    slack + off);
        }

        boolean is(Length wide, Length high, double more) {
            return isNear(width, wide, slack + more) && isNear(height, high, slack + more);
        }
    }

    private VirtualHands(Workings plan) {
        this.plan = plan;
    }

    /** What is wrong with a run sheet of a plan; empty if it makes what the plan shows. */
    public static List<Message> faults(Workings plan, List<RunStep> run) {
        VirtualHands hands = new VirtualHands(plan);
        run.forEach(hands::work);
        hands.compare();
        return hands.faults;
    }

    private void work(RunStep step) {
        step.subjects().forEach(subject -> subject.accept(new Work(step, HandNames.of(plan, step.subject(), subject))));
    }

    private void fault(Message message) {
        if (!faults.contains(message)) {
            faults.add(message);
        }
    }

    /** Once only, and by whoever may: a second time is a fault. */
    private void once(String what, String label) {
        if (!done.add(what)) {
            fault(HandWords.TWICE.of("what", label));
        }
    }

    /** How far a number may be off: half a division where it is rounded to one. */
    private double slack(Reading reading) {
        return reading.rounded() ? rounded() : SHARP;
    }

    /** How far a number may be off that is rounded to a division of the ruler. */
    private double rounded() {
        return plan.project().step().length().toMillimetres() / 2 + SHARP;
    }

    private String label(String piece) {
        return plan.design().piece(piece).label();
    }

    /** A piece as it lies on the table: cut whole, or its parts once they are joined; a fault if it is not there. */
    private Optional<HandPaper> paper(String piece, RunStep step) {
        if (!papers.containsKey(piece)) {
            SizedDesign.Piece wanted = plan.design().piece(piece);
            List<CutPart> parts = CutPart.of(plan.project(), wanted);
            Optional<Blank> blank = blank(parts.get(0));
            if (blank.isEmpty() || parts.size() > 1 || wanted.from().isPresent()) {
                fault(HandWords.NOT_THERE.of("piece", wanted.label(), "step", step.number()));
                return Optional.empty();
            }
            // The hands lay it as the picture shows it: its longer side where the plan has it.
            Blank lying = isNear(blank.get().width(), wanted.width().length(), blank.get().slack() + slack(wanted))
                    ? blank.get() : blank.get().turned();
            papers.put(piece, new HandPaper(lying.width(), lying.height()));
            off.put(piece, lying.slack());
        }
        return Optional.of(papers.get(piece));
    }

    private Optional<Blank> blank(CutPart part) {
        return blanks.getOrDefault(part.label(), List.of()).stream().findFirst();
    }

    private static boolean isNear(double there, Length wanted, double slack) {
        return Math.abs(there - wanted.toMillimetres()) <= slack;
    }

    /** What is cut out by hand anyhow is cut from the rectangle at the ruler's next mark. */
    private double slack(SizedDesign.Piece piece) {
        return piece.cutOuts().isEmpty() ? SHARP : plan.project().step().length().toMillimetres() + SHARP;
    }

    /** One step after the other. */
    private final class Work implements StepSubject.Cases<Void> {
        private final RunStep step;
        private final HandNames names;

        /** {@code names} tells how that is called in the step's numbers which is done like its first. */
        Work(RunStep step, HandNames names) {
            this.step = step;
            this.names = names;
        }

        private Optional<Reading> reading(String id) {
            String called = names.called(id);
            return step.readings().stream().filter(reading -> reading.id().equals(called)).findFirst();
        }

        /** How far off may lie what these numbers place: those of which the names begin so. */
        private double slackOf(String id) {
            String called = names.called(id);
            return step.readings().stream().filter(reading -> reading.id().startsWith(called))
                    .mapToDouble(VirtualHands.this::slack).max().orElse(SHARP);
        }

        @Override
        public Void sheet(StepSubject.OfSheet sheet) {
            Map<String, Blank> parts = new HashMap<>();
            parts.put(CutList.SHEET, new Blank(sheet.layout().stock().width().toMillimetres(),
                    sheet.layout().stock().height().toMillimetres(), 0));
            List<CutList.Line> lines = CutList.of(sheet.layout());
            for (CutList.Line line : lines) {
                Blank part = parts.remove(line.part());
                Optional<Reading> reading = reading("cut " + line.cut().number());
                if (part == null || reading.isEmpty()) {
                    fault(HandWords.NO_SUCH_CUT.of("cut", line.cut().number(), "step", step.number()));
                    continue;
                }
                double at = reading.get().length().toMillimetres();
                double off = reading.get().rounded() ? rounded() : 0;
                Blank near = part.cut(line.cut().upright(), at, off, true);
                Blank far = part.cut(line.cut().upright(), at, off, false);
                parts.put(line.near().name(), near);
                parts.put(line.far().name(), far);
                line.near().pieces().forEach(piece -> gives(piece, near, sheet.alike()));
                line.far().pieces().forEach(piece -> gives(piece, far, sheet.alike()));
            }
            if (lines.isEmpty()) {
                sheet.layout().placements().stream().flatMap(placed -> placed.labels().stream())
                        .forEach(piece -> gives(piece, parts.get(CutList.SHEET), sheet.alike()));
            }
            return null;
        }

        private void gives(String piece, Blank blank, int count) {
            for (int i = 0; i < count; i++) {
                blanks.computeIfAbsent(piece, key -> new ArrayList<>()).add(blank);
            }
        }

        @Override
        public Void scores(StepSubject.OfScores scores) {
            ScoreSetup setup = scores.setup();
            paper(setup.piece(), step).ifPresent(paper -> {
                boolean behind = setup.faceUp() != plan.design().piece(setup.piece()).up();
                if (behind != setup.mirrored()) {
                    fault(HandWords.WRONG_FACE.of("piece", label(setup.piece()), "step", step.number()));
                }
                if (!setup.slants().isEmpty() && paper.isCutInto()) {
                    fault(HandWords.EDGES_GONE.of("piece", label(setup.piece()), "step", step.number()));
                }
                overFirst(setup.piece());
                setup.positions().forEach(position -> score(paper, setup, position, behind));
                setup.slants().forEach(slant -> score(paper, setup, slant, behind));
            });
            return null;
        }

        /** What lies over the whole piece is scored with it, so it is on by then. */
        private void overFirst(String piece) {
            plan.mats().stream().filter(mat -> mat.on().isWhole() && mat.on().on().piece().equals(piece))
                    .filter(mat -> !done.contains("on " + mat.id())).findFirst()
                    .ifPresent(mat -> fault(HandWords.LAYER_TOO_LATE.of("layer", mat.label(), "step", step.number())));
        }

        private void score(HandPaper paper, ScoreSetup setup, ScoreSetup.Position position, boolean behind) {
            Optional<Reading> reading = reading(position.score());
            if (reading.flatMap(Reading::fold).isEmpty()) {
                fault(HandWords.NO_NUMBER.of("what", position.score(), "step", step.number()));
                return;
            }
            double at = reading.get().length().toMillimetres();
            double from = position.full() ? 0 : position.from().toMillimetres();
            double to = position.full() ? paper.along(setup) : position.to().toMillimetres();
            boolean onRuler = position.full() || plan.project().step().has(position.from())
                    && plan.project().step().has(position.to());
            paper.score(position.score(), new HandPaper.Crease(new LineSegment(at, from, at, to),
                    reading.get().fold().get(), (onRuler ? slack(reading.get()) : rounded()) + overPage(setup)), setup,
                    behind);
        }

        /** Turned over, places count from the other edge, which is as far off as the piece was cut. */
        private double overPage(ScoreSetup setup) {
            return setup.mirrored()
                    ? off.getOrDefault(setup.piece(), 0.0) + slack(plan.design().piece(setup.piece())) : 0;
        }

        private void score(HandPaper paper, ScoreSetup setup, Slant slant, boolean behind) {
            Optional<Reading> from = reading(slant.score() + Slanting.FROM);
            Optional<Reading> to = reading(slant.score() + Slanting.TO);
            if (from.isEmpty() || to.isEmpty() || from.get().fold().isEmpty()
                    || !from.get().fold().equals(to.get().fold())) {
                fault(HandWords.NO_NUMBER.of("what", slant.score(), "step", step.number()));
                return;
            }
            LineSegment marked = new LineSegment(mark(slant.from(), from.get(), paper),
                    mark(slant.to(), to.get(), paper));
            LineSegment line = slant.part().map(part -> new LineSegment(
                    marked.pointAlong(part.start().toMillimetres() / marked.getLength()),
                    marked.pointAlong(part.end().toMillimetres() / marked.getLength()))).orElse(marked);
            paper.score(slant.score(), new HandPaper.Crease(line, from.get().fold().get(), rounded() / MITRE), setup,
                    behind);
        }

        private Coordinate mark(Slant.Mark mark, Reading reading, HandPaper paper) {
            double at = reading.length().toMillimetres();
            return switch (mark.edge()) {
                case LEFT -> new Coordinate(0, at);
                case RIGHT -> new Coordinate(paper.width(), at);
                case TOP -> new Coordinate(at, 0);
                case BOTTOM -> new Coordinate(at, paper.height());
            };
        }

        @Override
        public Void layers(StepSubject.OfLayers layers) {
            layers.layers().forEach(layer -> {
                once("cut " + layer.id(), layer.label());
                List<CutPart> parts = CutPart.of(plan.project(), plan.design(), layer);
                for (CutPart part : parts) {
                    if (!blanks.containsKey(part.label())) {
                        fault(HandWords.NOT_THERE.of("piece", part.label(), "step", step.number()));
                    }
                }
                sizes(layer, parts);
            });
            return null;
        }

        /** Layers alike are told once, by the first of them. */
        private void sizes(MatLayer layer, List<CutPart> parts) {
            String first = ((StepSubject.OfLayers) step.subject()).panel() + " " + layer.layer();
            List<Reading> sizes = step.readings().stream().filter(reading -> reading.size().isPresent()
                    && (reading.id().equals(first) || reading.id().startsWith(first + " part "))).toList();
            if (sizes.size() != parts.size()) {
                fault(HandWords.NO_NUMBER.of("what", layer.label(), "step", step.number()));
                return;
            }
            for (int i = 0; i < parts.size(); i++) {
                if (!isNear(sizes.get(i).length().toMillimetres(), parts.get(i).width(), slack(sizes.get(i)))
                        || !isNear(sizes.get(i).size().get().toMillimetres(), parts.get(i).height(),
                                slack(sizes.get(i)))) {
                    fault(HandWords.WRONG_SIZE.of("piece", parts.get(i).label()));
                }
            }
        }

        @Override
        public Void mounted(StepSubject.OfMounted mounted) {
            mounted.layers().forEach(layer -> {
                once("on " + layer.id(), layer.label());
                if (!done.contains("cut " + layer.id())) {
                    fault(HandWords.NOT_THERE.of("piece", layer.label(), "step", step.number()));
                }
            });
            if (!mounted.layers().stream().allMatch(layer -> layer.on().on().equals(mounted.panel()))) {
                fault(HandWords.ELSEWHERE.of("what", mounted.layers().get(0).label(), "step", step.number()));
            }
            paper(mounted.panel().piece(), step);
            return null;
        }

        @Override
        public Void piece(StepSubject.OfPiece subject) {
            SizedDesign.Piece piece = plan.design().piece(subject.piece());
            Optional<Reading> own = reading(piece.id());
            if (step.phase() == Phase.SCORE) {
                join(piece);
            } else if (piece.from().isPresent() && step.readings().size() == 1 && own.isPresent()) {
                fromWaste(piece, own.get());
            } else {
                paper(piece.id(), step).ifPresent(paper -> punch(piece, paper));
            }
            return null;
        }

        /** Parts laid over one another: the last one's place and its length are the whole. */
        private void join(SizedDesign.Piece piece) {
            List<CutPart> parts = CutPart.of(plan.project(), piece);
            double end = 0;
            for (int i = 0; i < parts.size(); i++) {
                Optional<Blank> blank = blank(parts.get(i));
                Optional<Reading> place = i == 0 ? Optional.empty() : reading(piece.id() + " lap " + i);
                if (blank.isEmpty() || i > 0 && place.isEmpty()) {
                    fault(HandWords.NOT_THERE.of("piece", parts.get(i).label(), "step", step.number()));
                    return;
                }
                double start = place.map(reading -> reading.length().toMillimetres()).orElse(0.0);
                double length = isNear(blank.get().width(), parts.get(i).width(), blank.get().slack() + slack(piece))
                        ? blank.get().width() : blank.get().height();
                off.merge(piece.id(), blank.get().slack(), Math::max);
                if (start > end + SHARP) {
                    fault(HandWords.GAP.of("piece", piece.label(), "step", step.number()));
                }
                end = start + length;
            }
            once("joined " + piece.id(), piece.label());
            papers.put(piece.id(), new HandPaper(end, parts.get(0).height().toMillimetres()));
        }

        /** The first stands for all that come out of the same waste in this size. */
        private void fromWaste(SizedDesign.Piece first, Reading size) {
            String host = first.from().orElseThrow();
            if (!papers.containsKey(host) && paper(host, step).isEmpty()) {
                return;
            }
            plan.design().pieces().stream()
                    .filter(piece -> piece.from().filter(host::equals).isPresent()
                            && piece.width().length().equals(first.width().length())
                            && piece.height().length().equals(first.height().length()))
                    .forEach(piece -> {
                        once("from waste " + piece.id(), piece.label());
                        papers.put(piece.id(), new HandPaper(size.length().toMillimetres(),
                                size.size().orElse(size.length()).toMillimetres()));
                    });
        }

        private void punch(SizedDesign.Piece piece, HandPaper paper) {
            boolean found = false;
            for (CutOut cut : piece.cutOuts()) {
                if (reading(cut.id()).isPresent() || reading(cut.id() + " 1").isPresent()) {
                    once("punched " + piece.id() + " " + cut.id(), cut.id());
                    shape(cut).map(shape -> new HandPaper.Hole(shape, slackOf(cut.id()))).ifPresentOrElse(paper::punch,
                            () -> fault(HandWords.NO_NUMBER.of("what", cut.id(), "step", step.number())));
                    found = true;
                }
            }
            for (Slit slit : piece.slits()) {
                if (reading(slit.id()).isPresent()) {
                    once("punched " + piece.id() + " " + slit.id(), slit.id());
                    line(slit).map(line -> new HandPaper.Cut(line, slackOf(slit.id()))).ifPresentOrElse(paper::slit,
                            () -> fault(HandWords.NO_NUMBER.of("what", slit.id(), "step", step.number())));
                    found = true;
                }
            }
            if (!found) {
                fault(HandWords.NOTHING_TO_CUT.of("piece", piece.label()));
            }
        }

        private Optional<Geometry> shape(CutOut cut) {
            Optional<Coordinate> at = reading(cut.id()).flatMap(this::point);
            Optional<Reading> size = reading(cut.id() + " size");
            return switch (cut.shape()) {
                case CIRCLE -> at.flatMap(centre -> size.map(across -> FACTORY.createPoint(centre)
                        .buffer(across.length().toMillimetres() / 2, ROUND)));
                case ROUNDED -> at.flatMap(corner -> size.flatMap(this::point).map(sides -> {
                    double radius = reading(cut.id() + " corners").map(found -> found.length().toMillimetres())
                            .orElse(0.0);
                    Geometry inner = FACTORY.toGeometry(new org.locationtech.jts.geom.Envelope(corner.x + radius,
                            corner.x + sides.x - radius, corner.y + radius, corner.y + sides.y - radius));
                    return radius > 0 ? inner.buffer(radius, ROUND) : inner;
                }));
                case POLYGON -> polygon(cut);
            };
        }

        private Optional<Geometry> polygon(CutOut cut) {
            List<Coordinate> ring = new ArrayList<>();
            for (int i = 1; i <= cut.numbers().size() / 2; i++) {
                Optional<Coordinate> corner = reading(cut.id() + " " + i).flatMap(this::point);
                if (corner.isEmpty()) {
                    return Optional.empty();
                }
                ring.add(corner.get());
            }
            ring.add(ring.get(0));
            return Optional.of(FACTORY.createPolygon(ring.toArray(Coordinate[]::new)));
        }

        private Optional<Coordinate> point(Reading reading) {
            return reading.size().map(y -> new Coordinate(reading.length().toMillimetres(), y.toMillimetres()));
        }

        private Optional<LineSegment> line(Slit slit) {
            Optional<Reading> at = reading(slit.id());
            Optional<Coordinate> way = reading(slit.id() + " way").flatMap(this::point);
            return switch (slit.line().along()) {
                case X -> way.map(run -> new LineSegment(at.get().length().toMillimetres(), run.x,
                        at.get().length().toMillimetres(), run.y));
                case Y -> way.map(run -> new LineSegment(run.x, at.get().length().toMillimetres(), run.y,
                        at.get().length().toMillimetres()));
                case LINE -> at.flatMap(this::point).flatMap(start -> reading(slit.id() + " end").flatMap(this::point)
                        .map(end -> new LineSegment(start, end)));
            };
        }

        @Override
        public Void fold(StepSubject.OfFold fold) {
            paper(fold.piece(), step).ifPresent(paper -> {
                List<FoldStage> stages = plan.pieces().get(fold.piece()).stages();
                int next = paper.folds() + 1;
                if (fold.index() < next) {
                    fault(HandWords.TWICE.of("what", step.title()));
                    return;
                }
                // Creases that are folded over and opened again are one step.
                boolean creasing = stages.get(fold.index()).step().opens()
                        || fold.index() + 1 < stages.size() && stages.get(fold.index() + 1).step().opens();
                int last = fold.index();
                while (creasing && last + 1 < stages.size() && (stages.get(last + 1).step().opens()
                        || last + 2 < stages.size() && stages.get(last + 2).step().opens())) {
                    last++;
                }
                if (fold.index() > next) {
                    fault(HandWords.FOLD_LEFT_OUT.of("piece", label(fold.piece()), "step", step.number()));
                }
                for (int i = fold.index(); i <= last; i++) {
                    stages.get(i).step().creases().forEach(crease -> creased(fold.piece(), paper, crease));
                }
                paper.fold(last);
            });
            return null;
        }

        /** What is folded is scored before, unless the hands bend or pinch it. */
        private void creased(String piece, HandPaper paper, String crease) {
            boolean score = plan.design().piece(piece).lines().stream()
                    .anyMatch(line -> line.id().equals(crease) && !line.isPinched());
            if (score && !paper.isScored(crease)) {
                fault(HandWords.NOT_SCORED.of("crease", crease, "piece", label(piece), "step", step.number()));
            }
        }

        @Override
        public Void glue(StepSubject.OfGlue subject) {
            SizedDesign.Glue glue = subject.glue();
            once("glued " + glue.id(), glue.id());
            for (PanelRef panel : List.of(glue.part(), glue.onto())) {
                paper(panel.piece(), step).ifPresent(paper -> {
                    if (paper.folds() + 1 < plan.pieces().get(panel.piece()).stages().size()) {
                        fault(HandWords.NOT_FOLDED.of("piece", label(panel.piece()), "step", step.number()));
                    }
                });
            }
            glue.at().filter(at -> at.turn() % 90 == 0).ifPresent(at -> {
                placed(glue.id(), at.at());
            });
            return null;
        }

        /** A mark on a panel. */
        private void placed(String id, SizedDesign.Offset at) {
            if (!isPlaced(id + " x", at.x()) || !isPlaced(id + " y", at.y())) {
                fault(HandWords.ELSEWHERE.of("what", step.title(), "step", step.number()));
            }
        }

        private boolean isPlaced(String id, Length wanted) {
            return reading(id).filter(there -> isNear(there.length().toMillimetres(), wanted.abs(), slack(there)))
                    .isPresent();
        }

        @Override
        public Void part(StepSubject.OfPart part) {
            once("put " + part.part().name(), part.part().label());
            return null;
        }

        @Override
        public Void strands(StepSubject.OfStrands strands) {
            strands.ways().forEach(way -> once("strand " + way.soft().id(), way.soft().label()));
            return null;
        }

        @Override
        public Void trim(StepSubject.OfTrim trim) {
            once("trim " + trim.id(), trim.id());
            paper(trim.panel().piece(), step);
            plan.design().fixings().stream().filter(fixing -> fixing.id().equals(trim.id()))
                    .forEach(fixing -> placed(fixing.id(), fixing.at()));
            plan.design().soft().stream().filter(soft -> soft.id().equals(trim.id())).forEach(soft -> {
                if (!done.contains("strand " + soft.id())) {
                    fault(HandWords.NOT_THERE.of("piece", soft.label(), "step", step.number()));
                }
                Set<Object> marked = new HashSet<>();
                for (int i = 0; i < soft.way().size(); i++) {
                    Soft.Stay stay = soft.way().get(i);
                    if (!stay.slides() && marked.add(List.of(stay.panel(), stay.at()))) {
                        placed(soft.id() + " " + (i + 1), stay.at());
                    }
                }
            });
            return null;
        }

        @Override
        public Void pages(StepSubject.OfPages pages) {
            return null;
        }

        @Override
        public Void card(StepSubject.OfCard card) {
            return null;
        }
    }

    /** What lies on the table at the end, against the plan. */
    private void compare() {
        plan.design().pieces().stream().filter(piece -> piece.from().isEmpty())
                .forEach(piece -> CutPart.of(plan.project(), piece).forEach(part -> cut(part, slack(piece))));
        plan.mats().forEach(mat -> {
            CutPart.of(plan.project(), plan.design(), mat).forEach(part -> cut(part, SHARP));
            needed("cut " + mat.id(), mat.label());
            needed("on " + mat.id(), mat.label());
        });
        plan.design().pieces().forEach(this::compare);
        plan.design().glue().stream().filter(glue -> glue.way() != cufflink.design.DesignDefinition.Way.TIED)
                .forEach(glue -> needed("glued " + glue.id(), glue.said().title()));
        plan.design().puts().forEach(put -> needed("put " + put.part().name(), put.part().label()));
        plan.soft().stream().map(SoftWay::soft).forEach(soft -> {
            needed("strand " + soft.id(), soft.label());
            if (!soft.way().isEmpty()) {
                needed("trim " + soft.id(), soft.label());
            }
        });
        plan.design().ornaments().forEach(ornament -> needed("trim " + ornament.id(), ornament.label()));
        plan.design().fixings().forEach(fixing -> needed("trim " + fixing.id(), fixing.label()));
    }

    private void needed(String what, String label) {
        if (!done.contains(what)) {
            fault(HandWords.LEFT_OUT.of("what", label));
        }
    }

    /** As many of it as there are copies, each of its size whichever way it lay on the sheet. */
    private void cut(CutPart part, double slack) {
        List<Blank> there = blanks.getOrDefault(part.label(), List.of());
        if (there.size() != plan.project().copies()) {
            fault(HandWords.WRONG_COUNT.of("piece", part.label(), "wanted", plan.project().copies(), "count",
                    there.size()));
        }
        if (!there.stream().allMatch(blank -> blank.is(part.width(), part.height(), slack)
                || blank.turned().is(part.width(), part.height(), slack))) {
            fault(HandWords.WRONG_SIZE.of("piece", part.label()));
        }
    }

    private void compare(SizedDesign.Piece piece) {
        HandPaper paper = papers.get(piece.id());
        List<Score> wanted = piece.lines().stream().filter(score -> !score.isPinched()).toList();
        if (paper == null) {
            // What is neither scored nor glued nor folded is only cut.
            if (!wanted.isEmpty() || piece.from().isPresent()) {
                fault(HandWords.LEFT_OUT.of("what", piece.label()));
            }
            return;
        }
        double slack = off.getOrDefault(piece.id(), 0.0) + slack(piece);
        if (!isNear(paper.width(), piece.width().length(), slack)
                || !isNear(paper.height(), piece.height().length(), slack)) {
            fault(HandWords.WRONG_SIZE.of("piece", piece.label()));
        }
        for (Score score : wanted) {
            if (paper.creases().stream().noneMatch(crease -> crease.fold() == score.fold()
                    && isAlong(crease.at(), line(score.line()), MITRE * crease.slack() + SHARP, slack))) {
                fault(HandWords.CREASE_ELSEWHERE.of("crease", score.id(), "piece", piece.label()));
            }
        }
        if (paper.creases().size() != wanted.size()) {
            fault(HandWords.CREASES_COUNTED.of("piece", piece.label(), "wanted", wanted.size(), "count",
                    paper.creases().size()));
        }
        holes(piece, paper);
        if (paper.folds() + 1 < plan.pieces().get(piece.id()).stages().size()) {
            fault(HandWords.NOT_FOLDED_AT_ALL.of("piece", piece.label()));
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
            if (paper.holes().stream().noneMatch(hole -> differ(hole.shape(), shape) < MITRE * hole.slack() + SHARP)) {
                fault(HandWords.HOLE_ELSEWHERE.of("hole", cut.id(), "piece", piece.label()));
            }
        }
        for (Slit slit : piece.slits()) {
            LineSegment line = line(slit.line());
            if (paper.slits().stream().noneMatch(cut -> isAlong(cut.at(), line, MITRE * cut.slack() + SHARP, 0))) {
                fault(HandWords.HOLE_ELSEWHERE.of("hole", slit.id(), "piece", piece.label()));
            }
        }
        if (paper.holes().size() != wanted.size() || paper.slits().size() != piece.slits().size()) {
            fault(HandWords.NOTHING_TO_CUT.of("piece", piece.label()));
        }
    }

    /** How far the outline of one lies from that of the other where they are furthest apart. */
    private static double differ(Geometry one, Geometry other) {
        return DiscreteHausdorffDistance.distance(one, other, FINE);
    }
}
