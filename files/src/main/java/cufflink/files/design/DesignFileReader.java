package cufflink.files.design;

import cufflink.crease.CreasePattern;
import cufflink.crease.CreasePatternBuilder;
import cufflink.design.CreaseRef;
import cufflink.design.Template;
import cufflink.design.DesignDefinition;
import cufflink.design.DesignSizer;
import cufflink.design.Given;
import cufflink.design.PanelRef;
import cufflink.design.SizedDesign;
import cufflink.files.FileTrouble;
import cufflink.measure.Length;
import cufflink.measure.LengthUnit;
import cufflink.measure.RulerStep;
import cufflink.plan.Plan;
import cufflink.plan.Planner;
import cufflink.plan.Project;
import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import java.io.IOException;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * Reads a design file. After the text itself, the design is sized once with its defaults, in inches and in millimetres,
 * so that names, kinds of values and panels that do not exist are found here and not at the table.
 */
public final class DesignFileReader {
    private static final long LARGEST_FILE = 1_000_000;

    private DesignFileReader() {
    }

    /** The design in a file. */
    public static Outcome<DesignDefinition> read(Path file) {
        String name = String.valueOf(file.getFileName());
        try {
            if (Files.size(file) > LARGEST_FILE) {
                return Outcome.failed(Problem.error(name, "This file is too large for a design.", ""));
            }
            return read(name, Files.readString(file, StandardCharsets.UTF_8));
        } catch (CharacterCodingException fault) {
            return Outcome.failed(Problem.error(name, "This is not a text file.", "A design file is YAML in UTF-8."));
        } catch (IOException fault) {
            return Outcome.failed(
                    Problem.error(file.toString(), "This file cannot be read: " + FileTrouble.reason(fault) + ".", ""));
        }
    }

    /** The design in a text; {@code file} names it in messages. */
    public static Outcome<DesignDefinition> read(String file, String text) {
        try {
            return tried(file, text);
        } catch (RuntimeException | StackOverflowError fault) {
            return Outcome.failed(Problem.unforeseen(file, fault));
        }
    }

    /** The design, if it can be made at its default sizes in either unit. */
    private static Outcome<DesignDefinition> tried(String file, String text) {
        Outcome<DesignDefinition> parsed = parse(file, text);
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
                .map(problem -> Problem.error(file + ", " + problem.where(), problem.what(), problem.remedy()))
                .toList();
    }

    /** The text as a definition, not tried out. */
    static Outcome<DesignDefinition> parse(String file, String text) {
        Outcome<YamlNode> tree = YamlTreeReader.read(file, text);
        if (tree.value().isEmpty()) {
            return Outcome.failed(tree.problems());
        }
        List<Problem> problems = new ArrayList<>();
        DesignDefinition definition = new DesignParser(problems).design(tree.value().get());
        return problems.isEmpty() ? Outcome.of(definition) : Outcome.failed(problems);
    }

    private static List<Problem> references(String file, SizedDesign design) {
        List<Problem> problems = new ArrayList<>();
        Map<String, CreasePattern> patterns = new HashMap<>();
        for (SizedDesign.Piece piece : design.pieces()) {
            Outcome<CreasePattern> pattern = CreasePatternBuilder.build(piece);
            problems.addAll(pattern.problems().stream()
                    .map(problem -> Problem.error(file + ", " + problem.where(), problem.what(), problem.remedy()))
                    .toList());
            pattern.value().ifPresent(built -> patterns.put(piece.id(), built));
        }
        if (problems.isEmpty()) {
            design.mats().forEach(mat -> reference(file, "mats", mat.on(), patterns, problems));
            design.glue().forEach(glue -> {
                reference(file, "glue " + glue.id(), glue.part(), patterns, problems);
                reference(file, "glue " + glue.id(), glue.onto(), patterns, problems);
                glue.over().forEach(panel -> reference(file, "glue " + glue.id(), panel, patterns, problems));
                glue.under().forEach(panel -> reference(file, "glue " + glue.id(), panel, patterns, problems));
            });
            design.stack().forEach(layers -> {
                reference(file, "stack", layers.front(), patterns, problems);
                reference(file, "stack", layers.behind(), patterns, problems);
            });
            design.poses().forEach((name, pose) -> pose.after().filter(before -> !design.poses().containsKey(before))
                    .ifPresent(before -> problems.add(
                            Problem.error(file + ", pose " + name, "There is no pose “" + before + "” before it.",
                                    "Name a pose that stands above it."))));
            design.poses()
                    .forEach((name, pose) -> pose.angles().keySet().stream()
                            .filter(crease -> !isCrease(crease, design, patterns)).forEach(crease -> problems.add(
                                    Problem.error(file + ", pose " + name,
                                            "There is no crease “" + crease.piece() + "." + crease.crease() + "”.",
                                            "Name a score of one of the pieces."))));
            design.pockets().forEach(pocket -> {
                reference(file, "pocket " + pocket.definition().id(), pocket.definition().front(), patterns, problems);
                reference(file, "pocket " + pocket.definition().id(), pocket.definition().back(), patterns, problems);
            });
        }
        return problems;
    }

    /** Whether a piece has this crease or joint, now or under a condition. */
    private static boolean isCrease(CreaseRef crease, SizedDesign design, Map<String, CreasePattern> patterns) {
        if (!patterns.containsKey(crease.piece())) {
            return design.definition().pieces().stream()
                    .anyMatch(piece -> piece.id().equals(Template.of(crease.piece())));
        }
        return patterns.get(crease.piece()).hinges().stream().anyMatch(hinge -> hinge.crease().equals(crease.crease()))
                || design.glue().stream().anyMatch(glue -> glue.id().equals(crease.crease()))
                || design.definition().pieces().stream().flatMap(piece -> piece.scores().stream())
                        .anyMatch(score -> score.id().equals(Template.of(crease.crease())));
    }

    private static void reference(String file, String where, PanelRef panel, Map<String, CreasePattern> patterns,
            List<Problem> problems) {
        if (!patterns.containsKey(panel.piece()) || patterns.get(panel.piece()).panel(panel.panel()).isEmpty()) {
            problems.add(Problem.error(file + ", " + where, "There is no panel “" + panel + "”.",
                    "Name a panel of one of the pieces."));
        }
    }
}
