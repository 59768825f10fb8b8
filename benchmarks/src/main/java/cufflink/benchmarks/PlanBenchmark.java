package cufflink.benchmarks;

import cufflink.design.DesignDefinition;
import cufflink.design.Face;
import cufflink.design.PanelRef;
import cufflink.design.PartAdding;
import cufflink.design.PartPlace;
import cufflink.drawing.FoldDrawing;
import cufflink.drawing.Picture;
import cufflink.drawing.StepDrawing;
import cufflink.drawing.View;
import cufflink.files.design.DesignLibrary;
import cufflink.fit.SheetUse;
import cufflink.fit.Wish;
import cufflink.fold.FoldStage;
import cufflink.measure.Length;
import cufflink.measure.RulerStep;
import cufflink.plan.Plan;
import cufflink.plan.Planner;
import cufflink.plan.Project;
import cufflink.plan.VirtualHands;
import cufflink.words.Message;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/**
 * What must be done within a frame (16 ms) while a slider moves or a fold plays. The heaviest design is an accordion of
 * 12 panels with 3 layers on each.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 4, time = 2)
@Fork(1)
public class PlanBenchmark {
    /** More sizes than anything remembers. */
    private static final int SLIDER = 512;

    private Project heaviest;
    private Project fitted;
    private Project gate;
    private Project parts;
    private FoldStage stage;
    private Plan plan;
    private Plan gatePlan;
    private Plan partsPlan;
    private int slider;

    @Setup
    public void prepare() {
        DesignLibrary library = DesignLibrary.builtIn();
        Project accordion = Project.of(library.find("accordion").orThrow(), RulerStep.SIXTEENTH_INCH).withSet("panels",
                "12");
        heaviest = accordion.withMats(accordion.mats().withLayers(3));
        fitted = heaviest.withWish(
                new Wish.FromSheet("roll", Length.ofInches(40), Length.ofInches(12), 1, new SheetUse.Shape()));
        gate = Project.of(library.find("overlapping-gate").orThrow(), RulerStep.SIXTEENTH_INCH);
        parts = withSleeves(library);
        plan = Planner.plan(heaviest).orThrow();
        gatePlan = Planner.plan(gate).orThrow();
        partsPlan = Planner.plan(parts).orThrow();
        stage = plan.pieces().get("base").stages().get(6);
    }

    /** An accordion of 24 panels with a sleeve of three panels on every other one: 60 panels, 12 parts. */
    private static Project withSleeves(DesignLibrary library) {
        DesignDefinition sleeve = library.find("notch-sleeve").orThrow();
        Project project = Project.of(library.find("accordion").orThrow(), RulerStep.SIXTEENTH_INCH)
                .withSet("panels", "24").withSet("width", "5 in").withSet("height", "5 in");
        project = project.withMats(project.mats().withLayers(0));
        for (int i = 0; i < 12; i++) {
            PartPlace place = new PartPlace.OnPanel(new PanelRef("base", i == 11 ? "last" : "middle" + (2 * i + 1)),
                    Optional.of(Face.INSIDE));
            project = project.withPart(PartAdding.part(project.design(), "sleeve" + i, sleeve, place).orThrow());
        }
        return project;
    }

    /** While a slider of one part is drawn: every time it is of another size. */
    @Benchmark
    public Plan replanTwelveParts() {
        slider = (slider + 1) % SLIDER;
        return Planner
                .plan(parts.withSet("sleeve3.overlap", slider + SLIDER / 2 + "/" + 2 * SLIDER + " in")).orThrow();
    }

    /** What carrying out the run sheet on virtual paper takes of a replan. */
    @Benchmark
    public List<Message> rehearseTwelveParts() {
        return VirtualHands.faults(partsPlan.workings(), partsPlan.run());
    }

    @Benchmark
    public List<Message> rehearseGate() {
        return VirtualHands.faults(gatePlan.workings(), gatePlan.run());
    }

    @Benchmark
    public Plan replanHeaviest() {
        return Planner.plan(heaviest).orThrow();
    }

    @Benchmark
    public Plan replanHeaviestFittedToASheet() {
        return Planner.plan(fitted).orThrow();
    }

    @Benchmark
    public Plan replanGate() {
        return Planner.plan(gate).orThrow();
    }

    @Benchmark
    public Picture motionStepAndDepthSort() {
        return FoldDrawing.draw(StepDrawing.foldScene(plan, stage, 0.37).orElseThrow(), View.TILTED, 0.3);
    }
}
