package cufflink.files;

import static cufflink.files.Plans.expect;
import static cufflink.files.Plans.project;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.check.Verdict;
import cufflink.crease.Openings;
import cufflink.crease.Panel;
import cufflink.design.DesignDefinition;
import cufflink.design.DesignDefinition.Way;
import cufflink.design.Fold;
import cufflink.design.Measure.Role;
import cufflink.design.Measures;
import cufflink.design.Score;
import cufflink.design.SizedDesign;
import cufflink.design.Value;
import cufflink.files.design.BuiltInDesigns;
import cufflink.measure.ExactText;
import cufflink.measure.Length;
import cufflink.measure.RulerStep;
import cufflink.plan.GlueScene;
import cufflink.plan.Plan;
import cufflink.plan.Planner;
import cufflink.plan.Project;
import cufflink.problem.Outcome;
import cufflink.stack.StackLayer;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.locationtech.jts.algorithm.MinimumDiameter;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.LineSegment;

/** Whatever a maker sets within the limits: the card makes sense, or a check says that it does not. */
class SoundDesignsTest {
    /** Settings tried of each design; {@code -Dcufflink.settings=500} in full. */
    private static final int SETTINGS = Integer.getInteger("cufflink.settings", 16);

    static Stream<DesignDefinition> designs() {
        return BuiltInDesigns.all().stream();
    }

    /** Most measures set at random, from a third of what the design has to more than twice of it. */
    private static Project random(DesignDefinition design, Random random) {
        RulerStep ruler = random.nextBoolean() ? RulerStep.SIXTEENTH_INCH : RulerStep.MILLIMETRE;
        Project project = Project.of(design, ruler);
        for (Measures.Sized measure : Plans.plan(project).measures().all()) {
            // Of a design with many parts, few of the parts' measures: together, nearly all settings are bad ones.
            boolean tried = measure.definition().name().contains(".") ? random.nextInt(12) == 0 : random.nextInt(3) > 0;
            if (measure.definition().canBeSet() && tried) {
                Optional<String> text = typed(measure, ruler, random);
                project = text.isPresent() ? project.withSet(measure.definition().name(), text.get()) : project;
            }
        }
        return project;
    }

    private static Optional<String> typed(Measures.Sized measure, RulerStep ruler, Random random) {
        double factor = 0.3 + 2 * random.nextDouble();
        if (measure.definition().role() == Role.CHOICE) {
            return Optional
                    .of(measure.definition().choices().get(random.nextInt(measure.definition().choices().size())));
        } else if (measure.definition().role() == Role.COUNT && measure.value() instanceof Value.Quantity count) {
            return Optional.of(String.valueOf(Math.round(Math.max(5, count.toDouble()) * factor)));
        }
        return measure.isLength()
                ? Optional.of(ExactText.of(ruler
                        .nearest(Length.nearestToMillimetres(Math.max(5, measure.length().toMillimetres()) * factor))))
                : Optional.empty();
    }

    @ParameterizedTest
    @MethodSource("designs")
    void randomSettings_areSoundOrJudgedBad(DesignDefinition design) {
        Random random = new Random(design.id().hashCode());
        List<String> odd = new ArrayList<>();
        int good = 0;
        // Where measures hang together, most settings at random are bad ones.
        for (int i = 0; i < SETTINGS || good == 0 && i < 20 * SETTINGS; i++) {
            Project project = random(design, random);
            Outcome<Plan> plan = Planner.plan(project);
            plan.problems().stream()
                    .filter(problem -> problem.text().contains("not foreseen") || problem.text().contains("yaml"))
                    .forEach(problem -> odd.add(project.set() + " " + problem.text()));
            if (plan.value()
                    .filter(planned -> planned.checks().stream().noneMatch(check -> check.verdict() == Verdict.BAD))
                    .isPresent()) {
                good++;
                oddities(plan.value().orElseThrow()).forEach(found -> odd.add(project.set() + " " + found));
            }
        }
        assertEquals(List.of(), odd);
        assertTrue(good > 0, "no good plan in " + SETTINGS);
    }

    /** What a person would find odd about a plan, by other roads than the checks'. */
    private static List<String> oddities(Plan plan) {
        List<String> odd = new ArrayList<>();
        for (Measures.Sized measure : plan.measures().all()) {
            boolean warned = plan.checks().stream().anyMatch(check -> check.verdict() == Verdict.WATCH);
            if (measure.isLength() && measure.length().isNegative() && !warned) {
                odd.add(measure.definition().name() + " is negative");
            }
        }
        plan.pieces().values().forEach(piece -> {
            for (Panel panel : piece.pattern().panels()) {
                if (new MinimumDiameter(panel.outline()).getLength() < 1) {
                    odd.add(panel.id() + " is a sliver");
                }
            }
        });
        for (SizedDesign.Piece piece : plan.design().pieces()) {
            List<LineSegment> ribs = piece.scores().stream().filter(score -> score.fold() == Fold.DECORATIVE)
                    .map(Score::line).map(line -> new LineSegment(line.x1().toMillimetres(), line.y1().toMillimetres(),
                            line.x2().toMillimetres(), line.y2().toMillimetres()))
                    .toList();
            for (int i = 0; i < ribs.size(); i++) {
                for (LineSegment other : ribs.subList(0, i)) {
                    if (Math.abs(Math.sin(other.angle() - ribs.get(i).angle())) < 1e-3
                            && other.distance(ribs.get(i)) < 1) {
                        odd.add("a line for show runs into its neighbour");
                    }
                }
            }
        }
        double cards = plan.stack().orElseThrow().layers().stream()
                .filter(layer -> layer.kind() == StackLayer.Kind.PANEL)
                .mapToDouble(layer -> layer.footprint().getArea()).max().orElse(0);
        if (cards > plan.closedWidth().orElseThrow().toMillimetres() * plan.closedHeight().orElseThrow().toMillimetres()
                * (1 + 1e-6)) {
            odd.add("closed it is smaller than a panel");
        }
        plan.design().glue().stream().filter(glue -> glue.way() == Way.GLUE && glue.at().isPresent())
                .forEach(glue -> GlueScene.of(plan.workings(), glue).ifPresent(scene -> {
                    if (scene.patch().glued().stream().mapToDouble(Geometry::getArea).sum() < 10) {
                        odd.add(glue.id() + " has hardly any glue");
                    }
                    boolean covers = !glue.edges().overhang() && Openings.all(plan.design().piece(glue.onto().piece()))
                            .anyMatch(opening -> opening.intersection(scene.patch().part()).getArea() > 1);
                    if (covers) {
                        odd.add(glue.id() + " covers an opening");
                    }
                }));
        return odd;
    }

    /** Cases that were called good once. */
    @ParameterizedTest
    @CsvSource({"slim-tent,spread=170 deg,stands-up", "pleated-tree,trunkLength=9 in,trunk-under-tree",
        "pleated-tree,trunkWidth=4 in,trunk-under-tree", "pleated-tree,radius=2 in,as-high",
        "crossover,drop=1/8 in,part-small-card", "little-bag,strap=3/4 in,handle-inside",
        "half-fold,ribs=9;ribEdges=both,ribs-inside", "accordion,panels=3;middle=3 in;first=3 in,",
        "little-bag,tall=1 in,packet-held", "waterfall,square=4 in,band-holds"})
    void nonsense_isBad(String design, String set, String check) {
        Project project = project(design);
        for (String entry : set.split(";")) {
            project = project.withSet(entry.split("=")[0], entry.split("=")[1]);
        }
        if (check == null) {
            expect(project).hasNothingBad();
        } else {
            expect(project).judges(check, Verdict.BAD);
        }
    }

    /** A least value above the greatest names both. */
    @ParameterizedTest
    @CsvSource({"belly-band,holds=1/4 x 1/4 in,limits-width,1/2 in at least and may be 1/4 in at most"})
    void limitsThatExcludeEachOther_areNamed(String design, String set, String check, String words) {
        expect(project(design).withSet(set.split("=")[0], set.split("=")[1])).judges(check, Verdict.BAD).says(check,
                words);
    }
}
