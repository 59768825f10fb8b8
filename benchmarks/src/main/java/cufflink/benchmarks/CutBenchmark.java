package cufflink.benchmarks;

import cufflink.cut.CutJob;
import cufflink.cut.CutPiece;
import cufflink.cut.GuillotinePlanner;
import cufflink.cut.LayoutPlan;
import cufflink.cut.StockSheet;
import cufflink.files.design.DesignLibrary;
import cufflink.measure.Length;
import cufflink.measure.RulerStep;
import cufflink.plan.Planner;
import cufflink.plan.Project;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;
import java.util.Random;
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
 * The cutting planner: one project within a frame, 24 kits of 12 pieces on three stocks at once and until proved, 500
 * pieces at once.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 3, time = 3)
@Fork(1)
public class CutBenchmark {
    /** Twelve pieces of a kit, in eighths of an inch. */
    private static final int[][] KIT = {{76, 50}, {34, 48}, {33, 47}, {28, 44}, {20, 48}, {19, 47}, {24, 24}, {22, 22},
        {12, 34}, {42, 27}, {27, 17}, {8, 88}};
    private static final List<String> PAPERS = List.of("card", "night", "star");

    private final GuillotinePlanner planner = new GuillotinePlanner();
    private CutJob project;
    private CutJob kits;
    private CutJob many;

    @Setup
    public void prepare() {
        Project gate = Project.of(DesignLibrary.builtIn().find("overlapping-gate").orThrow(), RulerStep.SIXTEENTH_INCH);
        project = Planner.cutJob(Planner.plan(gate.withMats(gate.mats().withLayers(2)).withCopies(6)).orThrow());
        List<CutPiece> pieces = new ArrayList<>();
        for (int i = 0; i < KIT.length; i++) {
            pieces.add(new CutPiece("piece " + i, "piece " + i, 24, Length.ofInches(KIT[i][0], 8),
                    Length.ofInches(KIT[i][1], 8), PAPERS.get(i % 3), i % 3 < 2));
        }
        kits = new CutJob(pieces,
                List.of(sheet("card", "card", 17, 22, OptionalInt.empty(), false),
                        sheet("night", "night", 24, 24, OptionalInt.empty(), false),
                        sheet("star", "star", 17, 22, OptionalInt.empty(), false),
                        sheet("card left", "card", 12, 18, OptionalInt.of(2), true),
                        sheet("night left", "night", 8, 24, OptionalInt.of(3), true)));
        List<CutPiece> mixed = new ArrayList<>();
        Random random = new Random(5);
        for (int i = 0; i < 50; i++) {
            mixed.add(new CutPiece("piece " + i, "piece " + i, 10, Length.ofMillimetres(30 + random.nextInt(120)),
                    Length.ofMillimetres(30 + random.nextInt(150)), "card", random.nextInt(3) > 0));
        }
        many = new CutJob(mixed, List.of(new StockSheet("A4", "card", Length.ofMillimetres(210),
                Length.ofMillimetres(297), OptionalInt.empty(), false)));
    }

    /** A sheet in half inches. */
    private static StockSheet sheet(String id, String material, int width, int height, OptionalInt count,
            boolean offcut) {
        return new StockSheet(id, material, Length.ofInches(width, 2), Length.ofInches(height, 2), count, offcut);
    }

    @Benchmark
    public LayoutPlan projectAtOnce() {
        return planner.plan(project);
    }

    @Benchmark
    public LayoutPlan kitsAtOnce() {
        return planner.plan(kits);
    }

    @Benchmark
    public LayoutPlan kitsUntilNothingHelps() {
        return planner.improve(kits, () -> false, better -> {});
    }

    @Benchmark
    public LayoutPlan fiveHundredAtOnce() {
        return planner.plan(many);
    }
}
