package cufflink.files;

import static org.junit.jupiter.api.Assertions.assertEquals;

import cufflink.design.DesignDefinition;
import cufflink.design.SizedDesign;
import cufflink.files.design.BuiltInDesigns;
import cufflink.directions.Directions;
import cufflink.directions.DirectionsReader;
import cufflink.directions.ReadPiece;
import cufflink.directions.ReadScore;
import cufflink.directions.finding.Finding;
import cufflink.directions.finding.Findings;
import cufflink.directions.writing.DirectionsWriter;
import cufflink.mat.MatLayer;
import cufflink.measure.Length;
import cufflink.measure.RulerStep;
import cufflink.plan.Plan;
import cufflink.plan.Planner;
import cufflink.plan.Project;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** What the program writes as text it reads again: the same pieces, the same scores, and nothing wrong. */
class DirectionsRoundTripTest {
    private static Stream<Arguments> designs() {
        return BuiltInDesigns.all().stream().flatMap(design -> Stream.of(RulerStep.SIXTEENTH_INCH,
                RulerStep.MILLIMETRE).map(ruler -> Arguments.of(design.id(), design, ruler)));
    }

    private static Plan plan(DesignDefinition design, RulerStep ruler) {
        return Planner.plan(Project.of(design, ruler)).orThrow();
    }

    private static Directions read(Plan plan) {
        return new DirectionsReader().read(DirectionsWriter.write(plan), Optional.empty()).orThrow();
    }

    @ParameterizedTest(name = "{0}, {2}")
    @MethodSource("designs")
    void pieces_areTheSame(String id, DesignDefinition design, RulerStep ruler) {
        Plan plan = plan(design, ruler);
        TreeMap<String, Integer> wanted = new TreeMap<>();
        for (SizedDesign.Piece piece : plan.design().pieces()) {
            wanted.merge(key(ruler, piece.width().length(), piece.height().length(), scores(piece, ruler)), 1,
                    Integer::sum);
        }
        for (MatLayer mat : plan.mats()) {
            wanted.merge(key(ruler, mat.width(), mat.height(), List.of()), 1, Integer::sum);
        }
        TreeMap<String, Integer> found = new TreeMap<>();
        for (ReadPiece piece : read(plan).pieces()) {
            found.merge(key(ruler, piece.width().length(), piece.height().length(),
                    piece.scores().stream().map(score -> said(score, ruler)).sorted().toList()), piece.quantity(),
                    Integer::sum);
        }
        assertEquals(lines(wanted), lines(found));
    }

    @ParameterizedTest(name = "{0}, {2}")
    @MethodSource("designs")
    void nothingIsFoundWrong_orNotUnderstood(String id, DesignDefinition design, RulerStep ruler) {
        Directions read = read(plan(design, ruler));
        List<String> said = new ArrayList<>();
        Findings.of(read).stream().map(Finding::text).map(text -> text.sentence()).forEach(said::add);
        read.questions().forEach(question -> said.add(question.text().sentence()));
        read.notUnderstood().forEach(span -> said.add("not understood: " + span.in(read.text())));
        assertEquals("", String.join("\n", said));
    }

    private static String lines(TreeMap<String, Integer> counted) {
        return counted.entrySet().stream().map(entry -> entry.getValue() + " × " + entry.getKey())
                .collect(Collectors.joining("\n"));
    }

    private static String key(RulerStep ruler, Length width, Length height, List<String> scores) {
        return ruler.number(ruler.nearest(width)) + " × " + ruler.number(ruler.nearest(height)) + " " + scores;
    }

    private static List<String> scores(SizedDesign.Piece piece, RulerStep ruler) {
        return piece.lines().stream().filter(score -> !score.isPinched()).map(score -> {
            SizedDesign.Line line = score.line();
            boolean upright = line.x1().equals(line.x2());
            boolean level = line.y1().equals(line.y2());
            return upright ? "left " + ruler.number(ruler.nearest(line.x1())) + " " + score.fold().word()
                    : level ? "top " + ruler.number(ruler.nearest(line.y1())) + " " + score.fold().word()
                    : "slanting " + score.fold().word();
        }).sorted().toList();
    }

    private static String said(ReadScore score, RulerStep ruler) {
        String fold = " " + score.fold().orElseThrow().word();
        return score.isSlanting() ? "slanting" + fold
                : score.from().word() + " " + ruler.number(ruler.nearest(score.at().length())) + fold;
    }
}
