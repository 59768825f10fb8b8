package cufflink.benchmarks;

import cufflink.drawing.FoldDrawing;
import cufflink.drawing.Picture;
import cufflink.drawing.PoseDrawing;
import cufflink.drawing.View;
import cufflink.files.design.DesignLibrary;
import cufflink.fold.FoldedState;
import cufflink.fold.LayerProblem;
import cufflink.fold.PosedCard;
import cufflink.measure.RulerStep;
import cufflink.plan.Plan;
import cufflink.plan.Planner;
import cufflink.plan.Project;
import java.util.OptionalLong;
import java.util.concurrent.TimeUnit;
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

/** The fold engine: whole replans of the designs with loops or many layers, a motion step of a mechanism, and the count of a strip of ten stamps. */
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 4, time = 2)
@Measurement(iterations = 4, time = 2)
@Fork(1)
public class FoldBenchmark {
    /** A design, with a measure that is set if one is named, and one of its poses. */
    @State(Scope.Benchmark)
    public static class Design {
        @Param({"centre-step", "slot-concertina", "squash-fold", "waterfall", "pleated-tree", "accordion panels=24", "pleated-tree pleats=12", "squash-fold squares=9"})
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
            posed = plan.folded().poses().get(0);
            posed.motion().at(0.5);
        }
    }

    /** Ten equal panels folded onto one. */
    @State(Scope.Benchmark)
    public static class Stamps {
        private FoldedState shut;

        @Setup
        public void prepare() {
            Project strip = Project.of(DesignLibrary.builtIn().find("accordion").orThrow(), RulerStep.SIXTEENTH_INCH).withSet("panels", "10").withSet("first", "3 in").withSet("middle", "3 in");
            shut = Planner.plan(strip).orThrow().folded().closed().orThrow().state();
        }
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
