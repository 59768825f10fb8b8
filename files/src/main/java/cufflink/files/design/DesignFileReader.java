package cufflink.files.design;

import cufflink.crease.CreasedDesign;
import cufflink.design.CreaseRef;
import cufflink.design.DesignDefinition;
import cufflink.design.DesignSizer;
import cufflink.design.Facts;
import cufflink.design.Given;
import cufflink.design.Measure;
import cufflink.design.Occurs;
import cufflink.design.PanelRef;
import cufflink.design.PieceDefinition;
import cufflink.design.SizedDesign;
import cufflink.design.Template;
import cufflink.files.FileTrouble;
import cufflink.measure.Length;
import cufflink.measure.LengthUnit;
import cufflink.measure.RulerStep;
import cufflink.plan.Plan;
import cufflink.plan.Planner;
import cufflink.plan.Project;
import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import cufflink.words.DesignFileWords;
import cufflink.words.FileWords;
import java.io.IOException;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;

/**
 * Reads a design file. After the text itself, the design is sized once with its defaults, in inches and in millimetres,
 * so that names, kinds of values and panels that do not exist are found here and not at the table.
 */
public final class DesignFileReader {
    private static final String KIND = "design";
    static final long LARGEST_FILE = 1_000_000;

    private DesignFileReader() {
    }

    /** The design in a file. */
    public static Outcome<DesignDefinition> read(Path file) {
        String name = String.valueOf(file.getFileName());
        try {
            if (Files.size(file) > LARGEST_FILE) {
                return Outcome.failed(Problem.error(name, FileWords.TOO_LARGE.of("kind", KIND)));
            }
            return read(name, Files.readString(file, StandardCharsets.UTF_8),
                    PartSource.in(file.toAbsolutePath().getParent(), name));
        } catch (CharacterCodingException fault) {
            return Outcome.failed(Problem.error(name, FileWords.NOT_TEXT.of("kind", KIND, "format", "YAML")));
        } catch (IOException fault) {
            return Outcome.failed(
                    Problem.error(file.toString(), FileWords.UNREADABLE.of("reason", FileTrouble.reason(fault))));
        }
    }

    /** The design in a text; {@code file} names it in messages. */
    public static Outcome<DesignDefinition> read(String file, String text) {
        return read(file, text, PartSource.builtIn(file));
    }

    private static Outcome<DesignDefinition> read(String file, String text, PartSource source) {
        try {
            return tried(file, text, source);
        } catch (RuntimeException | StackOverflowError fault) {
            return Outcome.failed(Problem.unforeseen(file, fault));
        }
    }

    /** The design, if it can be made at its default sizes in either unit. */
    private static Outcome<DesignDefinition> tried(String file, String text, PartSource source) {
        Outcome<DesignDefinition> parsed = parse(file, text, source);
        if (parsed.value().isEmpty()) {
            return parsed;
        }
        DesignDefinition definition = parsed.value().get();
        List<Problem> problems = new ArrayList<>();
        for (LengthUnit unit : LengthUnit.values()) {
            Outcome<SizedDesign> sized = DesignSizer.size(definition,
                    Given.defaults(RulerStep.usual(unit), Length.ofMicrometres(300)));
            problems.addAll(sized.problems());
            sized.value().ifPresent(design -> problems.addAll(references(file, design)));
            if (problems.isEmpty()) {
                problems.addAll(folding(file, definition, RulerStep.usual(unit)));
            }
            if (!problems.isEmpty()) {
                return Outcome.failed(problems);
            }
        }
        return Outcome.of(definition);
    }

    /** Why the design does not fold, close or move at its default sizes. */
    private static List<Problem> folding(String file, DesignDefinition definition, RulerStep step) {
        Outcome<Plan> plan = Planner.plan(Project.of(definition, step));
        return plan.value().map(planned -> planned.faults()).orElse(plan.problems()).stream()
                .map(problem -> in(file, problem)).toList();
    }

    /** The text as a definition, not tried out. */
    static Outcome<DesignDefinition> parse(String file, String text, PartSource source) {
        return YamlTreeReader.read(file, text).then(tree -> new DesignParser(source).design(tree));
    }

    /** What names a panel or crease that is not there. */
    private static List<Problem> references(String file, SizedDesign design) {
        Outcome<CreasedDesign> pieces = CreasedDesign.of(design);
        if (pieces.value().isEmpty()) {
            return pieces.problems().stream().map(problem -> in(file, problem)).toList();
        }
        CreasedDesign creased = pieces.value().get();
        List<Problem> problems = new ArrayList<>();
        design.mats().stream().filter(mat -> !(mat.isWhole() && creased.patterns().containsKey(mat.on().piece())))
                .forEach(mat -> reference(file, "mats", mat.on(), creased, problems));
        design.ornaments().forEach(
                ornament -> reference(file, "ornament " + ornament.id(), ornament.on(), creased, problems));
        design.glue().forEach(glue -> {
            String where = "glue " + glue.id();
            reference(file, where, glue.part(), creased, problems);
            reference(file, where, glue.onto(), creased, problems);
            glue.passing().all().forEach(panel -> reference(file, where, panel, creased, problems));
        });
        design.stack().forEach(layers -> {
            reference(file, "stack", layers.front(), creased, problems);
            reference(file, "stack", layers.behind(), creased, problems);
        });
        design.poses()
                .forEach((name, pose) -> pose.angles().keySet().stream().filter(crease -> !isCrease(crease, creased))
                        .forEach(crease -> problems.add(Problem.error(file + ", pose " + name,
                                DesignFileWords.NO_CREASE.of("crease", crease)))));
        Facts.stacks(design.definition()).stream()
                .filter(at -> !isCrease(at, creased)
                        && creased.panel(new PanelRef(at.piece(), at.crease())).isEmpty())
                .forEach(at -> problems.add(Problem.error(
                        file + ", measure " + Facts.measure(design.definition(), at).map(Measure::name).orElse(""),
                        DesignFileWords.NO_CREASE_OR_PANEL.of("at", at))));
        design.pages().forEach(page -> page.sides()
                .forEach(side -> reference(file, "page " + side.name(), side.panel(), creased, problems)));
        design.pockets().forEach(pocket -> {
            String where = "pocket " + pocket.definition().id();
            reference(file, where, pocket.front(), creased, problems);
            reference(file, where, pocket.back(), creased, problems);
        });
        return problems;
    }

    private static Problem in(String file, Problem problem) {
        return problem.at(file + ", " + problem.where());
    }

    /** Whether a piece has this crease or joint, now or under a condition. */
    private static boolean isCrease(CreaseRef crease, CreasedDesign creased) {
        SizedDesign design = creased.sized();
        List<PieceDefinition> pieces = design.definition().pieces().stream().map(Occurs::what).toList();
        if (!creased.patterns().containsKey(crease.piece())) {
            return pieces.stream().anyMatch(piece -> piece.id().equals(Template.of(crease.piece())));
        }
        return creased.patterns().get(crease.piece()).hinges().stream()
                .anyMatch(hinge -> hinge.crease().equals(crease.crease()))
                || design.glue().stream().anyMatch(glue -> glue.id().equals(crease.crease()))
                || pieces.stream().flatMap(piece -> piece.marks().scores().stream())
                        .anyMatch(score -> score.what().id().equals(Template.of(crease.crease())));
    }

    private static void reference(String file, String where, PanelRef panel, CreasedDesign creased,
            List<Problem> problems) {
        if (creased.panel(panel).isEmpty()) {
            problems.add(Problem.error(file + ", " + where, DesignFileWords.NO_PANEL.of("panel", panel)));
        }
    }
}
