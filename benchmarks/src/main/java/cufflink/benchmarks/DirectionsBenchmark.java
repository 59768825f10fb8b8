package cufflink.benchmarks;

import cufflink.directions.Directions;
import cufflink.directions.DirectionsReader;
import cufflink.directions.finding.Finding;
import cufflink.directions.finding.Findings;
import cufflink.directions.study.DirectionsStudy;
import cufflink.directions.writing.DirectionsWriter;
import cufflink.files.design.BuiltInDesigns;
import cufflink.measure.RulerStep;
import cufflink.plan.Planner;
import cufflink.plan.Project;
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

/** A page of typed directions: pasted, and read again with every key. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 5, time = 2)
@Fork(1)
public class DirectionsBenchmark {
    private static final int PAGE = 3_000;

    private final DirectionsStudy study = new DirectionsStudy(BuiltInDesigns.all());
    private final DirectionsReader reader = new DirectionsReader();
    private String page;
    private int keys;
    private Directions read;

    /** Directions of one design after the other until a page is full. */
    @Setup
    public void page() {
        StringBuilder text = new StringBuilder();
        for (String id : List.of("m-fold-holder", "accordion", "overlapping-gate", "waterfall")) {
            text.append(DirectionsWriter.write(Planner.plan(Project.of(BuiltInDesigns.all().stream()
                    .filter(design -> design.id().equals(id)).findFirst().orElseThrow(), RulerStep.SIXTEENTH_INCH))
                    .orThrow())).append('\n');
        }
        page = text.substring(0, Math.min(PAGE, text.length()));
        read = new DirectionsReader().read(page, Optional.empty()).orThrow();
    }

    /** With every key the first line is another. */
    @Benchmark
    public List<Finding> readAgain() {
        String text = "Card " + keys++ + page.substring(page.indexOf('\n'));
        return Findings.of(reader.read(text, Optional.empty()).orThrow());
    }

    /** As it is when it is pasted. */
    @Benchmark
    public List<Finding> read() {
        return Findings.of(new DirectionsReader().read(page, Optional.empty()).orThrow());
    }

    @Benchmark
    public DirectionsStudy.Study study() {
        return study.of(read);
    }
}
