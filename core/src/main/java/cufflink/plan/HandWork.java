package cufflink.plan;

import cufflink.crease.CreasePattern;
import cufflink.cut.CutList;
import cufflink.design.DesignDefinition.Way;
import cufflink.design.PanelRef;
import cufflink.design.SizedDesign;
import cufflink.fold.FoldStage;
import cufflink.measure.Length;
import cufflink.score.ScoreSetup;
import cufflink.score.Slant;
import cufflink.stack.OrnamentOutlines;
import cufflink.words.HandWords;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.LineSegment;

/** One step of a run sheet, carried out on the table by its subject and its numbers. */
final class HandWork implements StepSubject.Cases<Void> {
    private final HandTable table;
    private final Workings plan;
    private final RunStep step;
    private final HandNumbers numbers;
    private final HandMarks marks;

    HandWork(HandTable table, HandNumbers numbers) {
        this.table = table;
        this.marks = new HandMarks(table, numbers);
        this.plan = table.plan();
        this.step = numbers.step();
        this.numbers = numbers;
    }

    @Override
    public Void sheet(StepSubject.OfSheet sheet) {
        Map<String, HandTable.Blank> parts = new HashMap<>();
        parts.put(CutList.SHEET, new HandTable.Blank(sheet.layout().stock().width().toMillimetres(),
                sheet.layout().stock().height().toMillimetres(), 0));
        List<CutList.Line> lines = CutList.of(sheet.layout());
        for (CutList.Line line : lines) {
            HandTable.Blank part = parts.remove(line.part());
            Optional<Reading> reading = numbers.of("cut " + line.cut().number());
            if (part == null || reading.isEmpty()) {
                table.fault(HandWords.NO_SUCH_CUT.of("cut", line.cut().number(), "step", step.number()));
                continue;
            }
            double at = reading.get().length().toMillimetres();
            double off = reading.get().rounded() ? table.rounded() : 0;
            HandTable.Blank near = part.cut(line.cut().upright(), at, off, true);
            HandTable.Blank far = part.cut(line.cut().upright(), at, off, false);
            parts.put(line.near().name(), near);
            parts.put(line.far().name(), far);
            line.near().pieces().forEach(piece -> table.give(piece, near, sheet.alike()));
            line.far().pieces().forEach(piece -> table.give(piece, far, sheet.alike()));
        }
        if (lines.isEmpty()) {
            sheet.layout().placements().stream().flatMap(placed -> placed.labels().stream())
                    .forEach(piece -> table.give(piece, parts.get(CutList.SHEET), sheet.alike()));
        }
        return null;
    }

    @Override
    public Void scores(StepSubject.OfScores scores) {
        ScoreSetup setup = scores.setup();
        table.paper(setup.piece(), step).ifPresent(paper -> {
            boolean behind = setup.faceUp() != plan.design().piece(setup.piece()).up();
            if (behind != setup.mirrored()) {
                table.fault(HandWords.WRONG_FACE.of("piece", table.label(setup.piece()), "step", step.number()));
            }
            if (!setup.slants().isEmpty() && paper.isCutInto()) {
                table.fault(HandWords.EDGES_GONE.of("piece", table.label(setup.piece()), "step", step.number()));
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
                .filter(mat -> !table.isDone("on " + mat.id())).findFirst()
                .ifPresent(
                        mat -> table.fault(HandWords.LAYER_TOO_LATE.of("layer", mat.label(), "step", step.number())));
    }

    private void score(HandPaper paper, ScoreSetup setup, ScoreSetup.Position position, boolean behind) {
        Optional<Reading> reading = numbers.of(position.score());
        if (reading.flatMap(Reading::fold).isEmpty()) {
            table.fault(HandWords.NO_NUMBER.of("what", position.score(), "step", step.number()));
            return;
        }
        double at = reading.get().length().toMillimetres();
        double from = position.full() ? 0 : position.from().toMillimetres();
        double to = position.full() ? paper.along(setup) : position.to().toMillimetres();
        boolean onRuler = position.full() || plan.project().step().has(position.from())
                && plan.project().step().has(position.to());
        paper.score(position.score(), new HandPaper.Crease(new LineSegment(at, from, at, to),
                reading.get().fold().get(), (onRuler ? table.slack(reading.get()) : table.rounded()) + overPage(setup)),
                setup,
                behind);
    }

    /** Turned over, places count from the other edge, which is as far off as the piece was cut. */
    private double overPage(ScoreSetup setup) {
        return setup.mirrored() ? table.off(plan.design().piece(setup.piece())) : 0;
    }

    private void score(HandPaper paper, ScoreSetup setup, Slant slant, boolean behind) {
        Optional<Reading> from = numbers.of(slant.score() + Slanting.FROM);
        Optional<Reading> to = numbers.of(slant.score() + Slanting.TO);
        if (from.isEmpty() || to.isEmpty() || from.get().fold().isEmpty()
                || !from.get().fold().equals(to.get().fold())) {
            table.fault(HandWords.NO_NUMBER.of("what", slant.score(), "step", step.number()));
            return;
        }
        LineSegment marked = new LineSegment(mark(slant.from(), from.get(), paper),
                mark(slant.to(), to.get(), paper));
        LineSegment line = slant.part().map(part -> new LineSegment(
                marked.pointAlong(part.start().toMillimetres() / marked.getLength()),
                marked.pointAlong(part.end().toMillimetres() / marked.getLength()))).orElse(marked);
        paper.score(slant.score(),
                new HandPaper.Crease(line, from.get().fold().get(), table.rounded() / HandTable.MITRE), setup,
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
        new HandLayers(table, step).cut(layers.layers());
        return null;
    }

    @Override
    public Void mounted(StepSubject.OfMounted mounted) {
        new HandLayers(table, step).mount(mounted);
        return null;
    }

    @Override
    public Void piece(StepSubject.OfPiece subject) {
        SizedDesign.Piece piece = plan.design().piece(subject.piece());
        Optional<Reading> own = numbers.of(piece.id());
        HandKnife knife = new HandKnife(table, numbers);
        if (step.phase() == Phase.SCORE) {
            knife.join(piece);
        } else if (piece.from().isPresent() && step.readings().size() == 1 && own.isPresent()) {
            knife.fromWaste(piece, own.get());
        } else {
            table.paper(piece.id(), step).ifPresent(paper -> knife.punch(piece, paper));
        }
        return null;
    }

    @Override
    public Void fold(StepSubject.OfFold fold) {
        table.paper(fold.piece(), step).ifPresent(paper -> {
            List<FoldStage> stages = plan.pieces().get(fold.piece()).stages();
            int next = paper.folds() + 1;
            if (fold.index() < next) {
                table.fault(HandWords.TWICE.of("what", step.title()));
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
                table.fault(HandWords.FOLD_LEFT_OUT.of("piece", table.label(fold.piece()), "step", step.number()));
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
            table.fault(HandWords.NOT_SCORED.of("crease", crease, "piece", table.label(piece), "step", step.number()));
        }
    }

    @Override
    public Void glue(StepSubject.OfGlue subject) {
        SizedDesign.Glue glue = subject.glue();
        table.reached(step, glue);
        table.once("glued " + glue.id(), glue.said().title());
        for (PanelRef panel : List.of(glue.part(), glue.onto())) {
            if (table.paper(panel.piece(), step).isPresent() && !isFolded(panel.piece())) {
                table.fault(HandWords.NOT_FOLDED.of("piece", table.label(panel.piece()), "step", step.number()));
            }
        }
        glue.at().filter(at -> at.turn() % 90 == 0 && glue.way() != Way.SLOT)
                .ifPresent(at -> marks.placed(glue.id(), at.at()));
        return null;
    }

    private boolean isFolded(String piece) {
        int folds = table.lying(piece).map(HandPaper::folds).orElse(-1);
        return folds + 1 >= plan.pieces().get(piece).stages().size();
    }

    @Override
    public Void part(StepSubject.OfPart part) {
        table.once("put " + part.part().name(), part.part().label());
        boolean finished = plan.design().glue().stream()
                .filter(glue -> glue.way() != Way.TIED && part.part().has(glue.part().piece())
                        && part.part().has(glue.onto().piece()))
                .allMatch(glue -> table.isDone("glued " + glue.id()));
        if (!finished
                || plan.pieces().keySet().stream().anyMatch(piece -> part.part().has(piece) && !isFolded(piece))) {
            table.fault(HandWords.NOT_FINISHED.of("part", part.part().label(), "step", step.number()));
        }
        return null;
    }

    @Override
    public Void strands(StepSubject.OfStrands strands) {
        strands.ways().forEach(way -> {
            table.once("strand " + way.soft().id(), way.soft().label());
            // Strands of one length are one number, which names them all.
            if (step.readings().stream().noneMatch(length -> HandTable.isNear(length.length().toMillimetres(),
                    way.length(), table.slack(length))
                    && length.label().contains(way.soft().label().toLowerCase(Locale.ROOT)))) {
                table.fault(HandWords.WRONG_SIZE.of("piece", way.soft().label()));
            }
        });
        return null;
    }

    @Override
    public Void trim(StepSubject.OfTrim trim) {
        table.once("trim " + trim.id(), trim.id());
        table.paper(trim.panel().piece(), step);
        plan.design().fixings().stream().filter(fixing -> fixing.id().equals(trim.id()))
                .forEach(fixing -> marks.placed(fixing.id(), fixing.at()));
        plan.design().soft().stream().filter(soft -> soft.id().equals(trim.id())).forEach(soft -> {
            if (!table.isDone("strand " + soft.id())) {
                table.fault(HandWords.NOT_THERE.of("piece", soft.label(), "step", step.number()));
            }
            marks.fixed(soft);
        });
        plan.posed().adornment().lie(trim.id()).ifPresent(lie -> {
            CreasePattern pattern = plan.stacked().assembly(trim.panel().piece()).pattern(trim.panel().piece());
            marks.laid(lie, pattern);
            pattern.panel(trim.panel().panel())
                    .ifPresent(panel -> table.reached(step, trim.panel(), trim.face(),
                            OrnamentOutlines.on(lie.ornament(), pattern, panel)));
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
