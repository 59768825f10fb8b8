package cufflink.files.project;

import cufflink.files.json.JsonDocument;
import cufflink.files.json.JsonFields;
import com.fasterxml.jackson.databind.JsonNode;
import cufflink.design.DesignDefinition;
import cufflink.design.Face;
import cufflink.design.PanelRef;
import cufflink.design.PartAdding;
import cufflink.design.PartDefinition;
import cufflink.design.PartPlace;
import cufflink.files.design.DesignLibrary;
import cufflink.fit.SheetUse;
import cufflink.fit.Wish;
import cufflink.mat.MatSettings;
import cufflink.measure.Length;
import cufflink.measure.LengthUnit;
import cufflink.measure.RulerStep;
import cufflink.paper.BenchTools;
import cufflink.paper.Contents;
import cufflink.paper.GrainRule;
import cufflink.paper.PaperRole;
import cufflink.paper.Papers;
import cufflink.paper.Stock;
import cufflink.plan.Bench;
import cufflink.plan.Noted;
import cufflink.plan.Project;
import cufflink.plan.Reminder;
import cufflink.plan.Wanted;
import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import cufflink.score.ScoringStyle;
import cufflink.words.DesignWords;
import cufflink.words.ProjectWords;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** Reads projects; a file that is wrong anywhere is not opened, every mistake is named, and the file stays as it is. */
public final class ProjectReader {
    private static final JsonDocument DOCUMENT = new JsonDocument("project", "cufflinkProject", ProjectWriter.VERSION,
            5_000_000);

    private final DesignLibrary library;
    private final List<Problem> problems = new ArrayList<>();

    private ProjectReader(DesignLibrary library) {
        this.library = library;
    }

    /** The project in a file. */
    public static Outcome<Project> read(Path file, DesignLibrary library) {
        return DOCUMENT.read(file)
                .then(root -> new ProjectReader(library).project(root, String.valueOf(file.getFileName())));
    }

    /** The project in a text; {@code file} names it in messages. */
    public static Outcome<Project> read(String file, String text, DesignLibrary library) {
        return DOCUMENT.read(file, text).then(root -> new ProjectReader(library).project(root, file));
    }

    private Outcome<Project> project(JsonNode root, String file) {
        JsonFields fields = new JsonFields(root, file + ": ", problems);
        Outcome<DesignDefinition> design = library.find(fields.text("design"));
        if (design.value().isEmpty()) {
            problems.addAll(design.problems());
            return Outcome.failed(problems);
        }
        Optional<RulerStep> step = RulerStep.named(fields.text("ruler"));
        if (step.isEmpty()) {
            fields.problem("ruler", ProjectWords.NO_RULER.of("expected",
                    Arrays.stream(RulerStep.values()).map(RulerStep::label).toList()));
        }
        RulerStep ruler = step.orElse(RulerStep.MILLIMETRE);
        Wanted wanted = parts(Wanted.of(design.value().get(), List.of(), wish(fields.in("fit")), fields.texts("set"),
                EnvelopeJson.read(fields)), fields);
        Bench bench = new Bench(ruler, tools(fields.in("tools")),
                fields.word("scoring", ScoringStyle.class, JsonFields.lower()));
        if (fields.has("ornaments")) {
            wanted = OrnamentJson.read(fields, wanted);
        }
        Map<PaperRole, Stock> chosen = papers(fields);
        Papers papers = Papers.completed(chosen, wanted.design().materials(), Project.plainCard(ruler));
        Project project = new Project(fields.text("name"), wanted, bench, papers, mats(fields.in("mats")),
                fields.count("copies", 1, Project.MOST_COPIES), noted(fields));
        return problems.isEmpty() ? Outcome.of(project, notices(project, chosen, file)) : Outcome.failed(problems);
    }

    /** With what the maker added; the first projects had no parts. */
    private Wanted parts(Wanted host, JsonFields fields) {
        Wanted wanted = host;
        for (JsonFields part : fields.has("parts") ? fields.each("parts") : List.<JsonFields>of()) {
            wanted = part(wanted, part).map(wanted::with).orElse(wanted);
        }
        return wanted;
    }

    private Optional<PartDefinition> part(Wanted host, JsonFields fields) {
        Optional<Face> face = fields.has("face") ? Optional.of(fields.word("face", Face.class, Face::word))
                : Optional.empty();
        Optional<PartPlace> place = PartPlace.read(fields.text("on"), face);
        if (place.isEmpty()) {
            fields.problem("on", DesignWords.NO_PLACE_FOR_PART.of("text", fields.text("on")));
        }
        Outcome<DesignDefinition> design = library.find(fields.text("design"));
        design.problems().forEach(problem -> fields.problem("design", problem.message()));
        Optional<Outcome<PartDefinition>> part = place.flatMap(where -> design.value()
                .map(found -> PartAdding.part(host.design(), fields.text("name"), found, where)));
        part.ifPresent(found -> found.problems()
                .forEach(problem -> fields.problem("name", problem.message())));
        return part.flatMap(Outcome::value);
    }

    /** The materials for which the file names no paper. */
    private static List<Problem> notices(Project project, Map<PaperRole, Stock> chosen, String file) {
        return project.design().materials().stream().filter(role -> !chosen.containsKey(role))
                .map(role -> Problem.notice(file,
                        ProjectWords.NO_PAPER_FOR.of("role", role, "paper", project.paper(role).name())))
                .toList();
    }

    private Wish wish(JsonFields fields) {
        String to = fields.text("to");
        return switch (to) {
            case "finished size" -> new Wish.FinishedSize(fields.size("width"), fields.size("height"));
            case "envelope" ->
                EnvelopeJson.read(fields).<Wish>map(found -> new Wish.InEnvelope(found, fields.size("ease")))
                        .orElse(new Wish.AsDesigned());
            case "sheet" -> new Wish.FromSheet(fields.text("sheet"), fields.size("width"), fields.size("height"),
                    fields.count("sheets", 1, 999), use(fields));
            case "contents" -> holding(fields);
            case "design" -> new Wish.AsDesigned();
            default -> {
                fields.problem("to",
                        ProjectWords.NO_WISH.of("text", to));
                yield new Wish.AsDesigned();
            }
        };
    }

    /** Before there was a choice, a card kept its proportions. */
    private static SheetUse use(JsonFields fields) {
        if (!fields.has("use")) {
            return new SheetUse.Shape();
        }
        Optional<SheetUse> use = SheetUse.named(fields.text("use"));
        if (use.isEmpty()) {
            fields.problem("use",
                    ProjectWords.NO_USE.of("text", fields.text("use")));
        }
        return use.orElse(new SheetUse.Shape());
    }

    private static Wish holding(JsonFields fields) {
        var read = Contents.read(fields.text("item"), LengthUnit.MILLIMETRE);
        if (read.value().isEmpty()) {
            fields.problem("item", read.trouble().orElseThrow());
        }
        return new Wish.Holding(read.value().orElse(Contents.GIFT_CARD));
    }

    private MatSettings mats(JsonFields fields) {
        Map<PanelRef, MatSettings.OnPanel> byPanel = new LinkedHashMap<>();
        for (JsonFields panel : fields.each("panels")) {
            Optional<PanelRef> on = PanelRef.read(panel.text("on"));
            if (on.isEmpty()) {
                panel.problem("on", ProjectWords.PANEL_EXPECTED.of("text", panel.text("on")));
                continue;
            }
            byPanel.put(on.get(),
                    new MatSettings.OnPanel(
                            panel.has("layers") ? Optional.of(panel.count("layers", 0, MatSettings.MOST_LAYERS))
                                    : Optional.empty(),
                            panel.optionalSize("reveal"), panel.optionalSize("width"), panel.optionalSize("height")));
        }
        return new MatSettings(fields.count("layers", 0, MatSettings.MOST_LAYERS), fields.size("reveal"), byPanel);
    }

    private Map<PaperRole, Stock> papers(JsonFields fields) {
        Map<PaperRole, Stock> papers = new LinkedHashMap<>();
        fields.entries("papers").forEach((role, paper) -> papers.put(PaperRole.read(role), StockJson.read(paper)));
        if (papers.isEmpty()) {
            fields.problem("papers", ProjectWords.NO_PAPER.of());
        }
        return papers;
    }

    /** The first projects had only notes. */
    private static Noted noted(JsonFields fields) {
        List<Reminder> reminders = new ArrayList<>();
        if (fields.has("reminders")) {
            fields.each("reminders")
                    .forEach(one -> reminders.add(new Reminder(one.text("step"), one.filledText("text"))));
        }
        return new Noted(fields.text("notes"), reminders,
                fields.has("answered") ? new LinkedHashSet<>(fields.list("answered")) : Set.of());
    }

    private static BenchTools tools(JsonFields fields) {
        Length trimmer = fields.size("trimmer");
        return new BenchTools(trimmer, fields.size("boardWidth"), fields.size("boardHeight"), fields.size("grooves"),
                fields.has("grain") ? fields.word("grain", GrainRule.class, GrainRule::word) : GrainRule.PREFER,
                fields.has("onGrooves") && fields.yes("onGrooves"),
                fields.has("cutsShort") ? fields.signedLength("cutsShort") : Length.ZERO);
    }
}
