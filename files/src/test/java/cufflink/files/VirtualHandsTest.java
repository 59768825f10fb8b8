package cufflink.files;

import static org.junit.jupiter.api.Assertions.assertEquals;

import cufflink.design.DesignDefinition;
import cufflink.design.Fold;
import cufflink.files.design.BuiltInDesigns;
import cufflink.fit.Wish;
import cufflink.mat.MatSettings;
import cufflink.measure.Length;
import cufflink.measure.LengthFormat;
import cufflink.measure.LengthUnit;
import cufflink.measure.Measured;
import cufflink.measure.RulerStep;
import cufflink.paper.NamedSize;
import cufflink.paper.PaperRole;
import cufflink.paper.PublishedSizes;
import cufflink.paper.Stock;
import cufflink.plan.Plan;
import cufflink.plan.Planner;
import cufflink.plan.Project;
import cufflink.plan.Reading;
import cufflink.plan.RunStep;
import cufflink.plan.StepSubject;
import cufflink.plan.VirtualHands;
import cufflink.score.ScoreSetup;
import cufflink.score.ScoringStyle;
import cufflink.words.Message;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** Run sheets carried out on virtual paper. */
class VirtualHandsTest {
    private static Stream<Arguments> designs() {
        return BuiltInDesigns.all().stream()
                .flatMap(design -> Stream.of(RulerStep.SIXTEENTH_INCH, RulerStep.MILLIMETRE)
                        .map(ruler -> Arguments.of(design.id(), design, ruler)));
    }

    /** Each design on one of the rulers, in turn. */
    private static Stream<Arguments> designsOnce() {
        List<Arguments> all = designs().toList();
        return IntStream.range(0, all.size() / 2).mapToObj(i -> all.get(2 * i + i % 2));
    }

    private static List<String> faults(Plan plan) {
        return VirtualHands.faults(plan.workings(), plan.run()).stream().map(Message::sentence).toList();
    }

    @ParameterizedTest(name = "{0}, {2}")
    @MethodSource("designs")
    void runSheet_makesWhatThePlanShows(String id, DesignDefinition design, RulerStep ruler) {
        assertEquals(List.of(), faults(Plans.plan(Project.of(design, ruler))));
    }

    /** Each choice of a design once, with layers, three copies, and each score made from its own face. */
    @ParameterizedTest(name = "{0}, {2}")
    @MethodSource("designs")
    void runSheet_withEveryChoice_makesWhatThePlanShows(String id, DesignDefinition design, RulerStep ruler) {
        Project layered = Project.of(design, ruler).withCopies(3).withScoring(ScoringStyle.OWN_FACE)
                .withMats(new MatSettings(2, MatSettings.OPEN_REVEAL, Map.of()));
        List<Project> projects = new ArrayList<>(List.of(layered));
        design.measures().stream().filter(measure -> measure.choices().size() > 1)
                .forEach(measure -> measure.choices().stream().skip(1)
                        .forEach(choice -> projects.add(layered.withSet(measure.name(), choice))));
        for (Project project : projects) {
            Planner.plan(project).value().filter(plan -> plan.layout().unplaced().isEmpty())
                    .ifPresent(plan -> assertEquals(List.of(), faults(plan), project.set().toString()));
        }
    }

    /** What is cut out by hand is first cut at the ruler's next mark: its rectangle is a little larger. */
    @Test
    void shapedPiece_fromALargerRectangle_isNoFault() {
        Plan plan = Plans.plan(Plans.set(Plans.project("envelope"), "cut=on point", "liner=yes",
                "holds=4 1/2 x 6 1/4 x 3/32 in").withPaper(PaperRole.material("envelope"),
                        Stock.plain("Large", PublishedSizes.named(NamedSize.Kind.SHEET, "12 in square").orElseThrow(),
                                120)));
        assertEquals(List.of(), plan.layout().unplaced());
        assertEquals(List.of(), faults(plan));
    }

    private static Wish wish(Random random) {
        return switch (random.nextInt(4)) {
            case 0 -> new Wish.FinishedSize(Length.ofMillimetres(50 + random.nextInt(100)),
                    Length.ofMicrometres(50_000 + random.nextInt(100_000)));
            case 1 -> Plans.fromSheet(random.nextBoolean() ? "A4" : "Letter", 1 + random.nextInt(2));
            case 2 -> new Wish.InEnvelope(Plans.envelope("C6"), Length.ofMillimetres(3));
            default -> new Wish.AsDesigned();
        };
    }

    /** Any ruler, size between its marks, number of layers and copies, face to score from. */
    @ParameterizedTest(name = "{0}")
    @MethodSource("designsOnce")
    void runSheet_ofAnySize_makesWhatThePlanShows(String id, DesignDefinition design, RulerStep ruler) {
        Random random = new Random(id.hashCode());
        for (int i = 0; i < 4; i++) {
            Project project = Project
                    .of(design, RulerStep.values()[random.nextInt(RulerStep.values().length)])
                    .withCopies(1 + random.nextInt(3)).withWish(wish(random))
                    .withScoring(random.nextBoolean() ? ScoringStyle.OWN_FACE : ScoringStyle.ONE_FACE)
                    .withMats(new MatSettings(random.nextInt(4), MatSettings.OPEN_REVEAL, Map.of()));
            Planner.plan(project).value().filter(plan -> plan.layout().unplaced().isEmpty())
                    .ifPresent(plan -> assertEquals(List.of(), faults(plan), project.step() + " " + project.wish()));
        }
    }

    private static RunStep with(RunStep step, StepSubject subject, List<Reading> readings) {
        return new RunStep(step.number(), step.phase(), step.called(), step.told(), step.warned(), subject, readings,
                step.alike());
    }

    private static List<RunStep> replaced(List<RunStep> run, int at, RunStep... steps) {
        List<RunStep> other = new ArrayList<>(run);
        other.remove(at);
        other.addAll(at, List.of(steps));
        return other;
    }

    /** Steps whose every number says where something is made, or how large it is. */
    private static boolean isMeasured(RunStep step) {
        return step.subject() instanceof StepSubject.OfStrands || step.subject() instanceof StepSubject.OfLayers
                || step.subject() instanceof StepSubject.OfSheet || step.subject() instanceof StepSubject.OfScores
                || step.subject() instanceof StepSubject.OfPiece || step.subject() instanceof StepSubject.OfGlue
                || step.subject() instanceof StepSubject.OfTrim;
    }

    private static Reading moved(Reading reading, double by) {
        return new Reading(reading.id(), reading.label(),
                reading.length().plus(Length.nearestToMillimetres(by)), reading.size(), reading.how(),
                reading.fold(), reading.rounded());
    }

    private static RunStep borderWider(RunStep step) {
        List<Message> told = step.told().stream().map(message -> {
            Map<String, Object> arguments = new LinkedHashMap<>(message.arguments());
            arguments.computeIfPresent("border", (key, border) -> wider(border));
            return new Message(message.code(), arguments);
        }).toList();
        return new RunStep(step.number(), step.phase(), step.called(), told, step.warned(), step.subject(),
                step.readings(), step.alike());
    }

    private static Object wider(Object border) {
        return border instanceof Message atLeast
                ? new Message(atLeast.code(), Map.of("border", wider(atLeast.argument("border"))))
                : Measured.of(((Measured) border).length().plus(Length.nearestToMillimetres(3)),
                        LengthFormat.of(LengthUnit.MILLIMETRE));
    }

    private static Reading seenFromBehind(Reading reading) {
        return new Reading(reading.id(), reading.label(), reading.length(), reading.size(), reading.how(),
                reading.fold().map(Fold::seenFromBehind), reading.rounded());
    }

    private static List<Reading> but(RunStep step, int at, Reading other) {
        List<Reading> readings = new ArrayList<>(step.readings());
        readings.set(at, other);
        return readings;
    }

    private static Stream<ScoreSetup> wrong(ScoreSetup setup) {
        return Stream.of(
                new ScoreSetup(setup.piece(), setup.faceUp().other(), setup.mirrored(), setup.turned(), setup.across(),
                        setup.positions(), setup.slants()),
                new ScoreSetup(setup.piece(), setup.faceUp(), !setup.mirrored(), setup.turned(), setup.across(),
                        setup.positions(), setup.slants()),
                new ScoreSetup(setup.piece(), setup.faceUp(), setup.mirrored(), !setup.turned(), setup.across(),
                        setup.positions(), setup.slants()));
    }

    /** A run sheet with one thing wrong in it, and what. */
    private static Map<String, List<RunStep>> mutants(List<RunStep> run) {
        Map<String, List<RunStep>> mutants = new LinkedHashMap<>();
        for (int i = 0; i < run.size(); i++) {
            RunStep step = run.get(i);
            String name = step.number() + " " + step.title() + ": ";
            boolean told = step.subject() instanceof StepSubject.OfCard
                    || step.subject() instanceof StepSubject.OfPages;
            if (told) {
                continue;
            }
            mutants.put(name + "left out", replaced(run, i));
            mutants.put(name + "twice", replaced(run, i, step, step));
            for (int k = 0; isMeasured(step) && k < step.readings().size(); k++) {
                Reading reading = step.readings().get(k);
                mutants.put(name + reading.id() + " further", replaced(run, i,
                        with(step, step.subject(), but(step, k, moved(reading, 3)))));
                reading.fold().filter(fold -> fold != fold.seenFromBehind())
                        .ifPresent(fold -> mutants.put(name + reading.id() + " the other way", replaced(run,
                                run.indexOf(step), with(step, step.subject(),
                                        but(step, step.readings().indexOf(reading), seenFromBehind(reading))))));
            }
            if (step.subject() instanceof StepSubject.OfScores scores && scores.setup().slants().isEmpty()) {
                wrong(scores.setup()).forEach(setup -> mutants.put(name + setup, replaced(run, run.indexOf(step),
                        with(step, new StepSubject.OfScores(setup), step.readings()))));
            }
            if (step.subject() instanceof StepSubject.OfMounted) {
                mutants.put(name + "border wider", replaced(run, i, borderWider(step)));
            }
            if (i + 1 < run.size() && step.subject() instanceof StepSubject.OfFold fold
                    && run.get(i + 1).subject() instanceof StepSubject.OfFold next
                    && fold.piece().equals(next.piece())) {
                mutants.put(name + "after the next", replaced(replaced(run, i), i, run.get(i + 1), step));
            }
        }
        return mutants;
    }

    /** Whatever is changed in a step is found out. */
    @ParameterizedTest(name = "{0}, {2}")
    @MethodSource("designsOnce")
    void everyChangeOfAStep_isFound(String id, DesignDefinition design, RulerStep ruler) {
        Plan plan = Plans.plan(Project.of(design, ruler));
        List<String> unseen = new ArrayList<>();
        mutants(plan.run()).forEach((name, run) -> {
            if (VirtualHands.faults(plan.workings(), run).isEmpty()) {
                unseen.add(name);
            }
        });
        assertEquals(List.of(), unseen);
    }
}
