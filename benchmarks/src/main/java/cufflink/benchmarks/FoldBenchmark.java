package cufflink.benchmarks;

import cufflink.crease.CreasePatternBuilder;
import cufflink.design.Face;
import cufflink.design.Fold;
import cufflink.design.PieceDefinition.Source;
import cufflink.design.Score;
import cufflink.design.SizedDesign.Along;
import cufflink.design.SizedDesign.Figure;
import cufflink.design.SizedDesign.Line;
import cufflink.design.SizedDesign.Lying;
import cufflink.design.SizedDesign.Marks;
import cufflink.design.SizedDesign.Piece;
import cufflink.drawing.FoldDrawing;
import cufflink.drawing.Picture;
import cufflink.drawing.PoseDrawing;
import cufflink.drawing.View;
import cufflink.files.design.DesignLibrary;
import cufflink.fold.Assembly;
import cufflink.fold.FlatFoldedState;
import cufflink.fold.FoldedState;
import cufflink.fold.Folder;
import cufflink.fold.LayerProblem;
import cufflink.fold.PosedCard;
import cufflink.measure.Length;
import cufflink.measure.RulerStep;
import cufflink.paper.PaperRole;
import cufflink.plan.Plan;
import cufflink.plan.Planner;
import cufflink.plan.Project;
import cufflink.words.NoteWords;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.concurrent.TimeUnit;
import java.util.stream.Collectors;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/**
 * The fold engine: whole replans of the designs with loops or many layers, a motion step of a mechanism, the layers of
 * a sheet of a hundred panels, and the count of a strip of ten stamps.
 */
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 4, time = 2)
@Measurement(iterations = 4, time = 2)
@Fork(1)
public class FoldBenchmark {
    /** A design, with a measure that is set if one is named, and one of its poses. */
    @State(Scope.Benchmark)
    public static class Design {
        @Param({"centre-step", "slot-concertina", "squash-fold", "waterfall", "pleated-tree", "accordion panels=24",
            "pleated-tree pleats=12", "squash-fold squares=9"})
        private String design;
        private Project project;
        private Plan plan;
        private PosedCard posed;

        @Setup
        public void prepare() {
            String[] words = design.split("[ =]");
            project = Project.of(DesignLibrary.builtIn().find(words[0]).orThrow(), RulerStep.SIXTEENTH_INCH);
            project = words.length > 1 ? project.withSet(words[1], words[2]) : project;
            plan = Planner.plan(project).orThrow();
            posed = plan.poses().get(0);
            posed.motion().at(0.5);
        }
    }

    /** Ten equal panels folded onto one. */
    @State(Scope.Benchmark)
    public static class Stamps {
        private FoldedState shut;

        @Setup
        public void prepare() {
            Project strip = Project.of(DesignLibrary.builtIn().find("accordion").orThrow(), RulerStep.SIXTEENTH_INCH)
                    .withSet("panels", "10").withSet("first", "3 in").withSet("middle", "3 in");
            shut = Planner.plan(strip).orThrow().closed().orElseThrow().state();
        }
    }

    /** A Miura sheet of ten by ten panels, every crease shut. */
    @State(Scope.Benchmark)
    public static class Sheet {
        private static final int CELLS = 10;
        private static final double CELL = 20;
        private FoldedState shut;

        @Setup
        public void prepare() {
            double shift = CELL / Math.sqrt(3);
            double width = (CELLS - 1) * CELL + shift;
            List<Score> scores = new ArrayList<>();
            for (int row = 0; row < CELLS; row++) {
                for (int column = 0; column < CELLS; column++) {
                    double left = column == 0 ? 0 : place(column, row, shift);
                    if (row > 0) {
                        add(scores, (row + column) % 2 == 0, left, row,
                                column == CELLS - 1 ? width : place(column + 1, row, shift), row);
                    }
                    if (column > 0) {
                        add(scores, column % 2 == 1, left, row, place(column, row + 1, shift), row + 1);
                    }
                }
            }
            Piece piece = new Piece("sheet", "Sheet", new Source(PaperRole.material("card"), Optional.empty()),
                    new Lying(Face.INSIDE, Optional.empty(), 0, false), figure(width), figure(CELLS * CELL),
                    new Marks(scores, List.of(), List.of(), List.of()));
            Assembly sheet = Assembly.of(CreasePatternBuilder.build(piece).orThrow(), "panel1");
            shut = new Folder(sheet)
                    .fold(sheet.creases().stream().collect(Collectors.toMap(crease -> crease, crease -> 180.0)))
                    .orThrow();
        }

        private static double place(int column, int row, double shift) {
            return (column - 0.5) * CELL + (row % 2 == 0 ? 0 : shift);
        }

        private static void add(List<Score> scores, boolean mountain, double x1, int row1, double x2, int row2) {
            Line line = new Line(Along.LINE, Optional.empty(), Length.nearestToMillimetres(x1),
                    Length.nearestToMillimetres(row1 * CELL), Length.nearestToMillimetres(x2),
                    Length.nearestToMillimetres(row2 * CELL));
            scores.add(new Score("crease" + scores.size(), line, mountain ? Fold.MOUNTAIN : Fold.VALLEY));
        }

        private static Figure figure(double millimetres) {
            return Figure.of("side", Length.nearestToMillimetres(millimetres), NoteWords.NOTHING.of());
        }
    }

    @Benchmark
    public FlatFoldedState layersOfAMiuraSheet(Sheet sheet) {
        return LayerProblem.of(sheet.shut).solve().orThrow();
    }

    @Benchmark
    public Plan replan(Design design) {
        return Planner.plan(design.project).orThrow();
    }

    @Benchmark
    public Picture motionStepAndDepthSort(Design design) {
        return FoldDrawing.draw(PoseDrawing.between(design.plan, design.posed, 0.37).orElseThrow(), View.TILTED, 0.3);
    }

    @Benchmark
    public OptionalLong countStripOfTen(Stamps stamps) {
        return LayerProblem.anyWay(stamps.shut).count();
    }
}
